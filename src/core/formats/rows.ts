import { everySizeWorked } from '../fabric/everySize';
import type { ReadOptions } from '../naming/reading';
import { mapResult, type Result } from '../result';
import { fromItsEnd } from '../swatch/told';
import { mirrorsFabric, readsFromTheEnd, type Hands } from '../ways/handed';

/**
 * Rows as they are printed, as these hands knit them: one who keeps the words knits the mirror image; one who keeps the fabric
 * is told each row in her own order besides (`told`).
 */
export function rowsAsked(
	text: string,
	options: ReadOptions,
	size: number | undefined,
	hands: Hands
): Result<unknown> {
	return mapResult(everySizeWorked(text, options, size), ({ fabric, steps }): unknown => {
		const { castOn, rows } = fabric;
		if (mirrorsFabric(hands))
			return {
				...fabric,
				rows: rows.map((row) => ({
					...row,
					faces: [...row.faces].reverse().join(''),
					strands: row.strands.map((strand) => (strand === 0 ? 0 : castOn + 1 - strand)).reverse()
				}))
			};
		if (!readsFromTheEnd(hands)) return fabric;
		return {
			...fabric,
			rows: rows.map((row, i) => ({ ...row, told: fromItsEnd(steps[i]) }))
		};
	});
}
