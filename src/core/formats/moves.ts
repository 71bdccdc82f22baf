import type * as z from 'zod/mini';
import type { Moves } from '../hands/moves';
import { bedMovesShape, MOVES_FORMAT, movesShape } from '../hands/schema';
import { fault, type Result } from '../result';
import { parseShape } from './json';

/**
 * A script from `pond-loop/moves@1`: `unreadable` with the number of the first move that is none, `conflict` when it
 * is for another number of stitches or does not give one mount a stitch.
 *
 * @param stitches how many the crossing has that it is to make
 */
export function parseMoves(value: unknown, stitches: number): Result<Moves> {
	const script = parseScript(movesShape, value, stitches);
	if (!script.ok) return script;
	const mounts = script.value.mounts;
	if (mounts && mounts.length !== stitches)
		return fault(
			'conflict',
			`“mounts” names the leg in front of each stitch: ${stitches} of them, not ${mounts.length}.`
		);
	return script;
}

/** The same for machine and loom. */
export const parseBedMoves = (value: unknown, stitches: number) =>
	parseScript(bedMovesShape, value, stitches);

function parseScript<Script extends { readonly stitches: number }>(
	shape: z.ZodMiniType<Script>,
	value: unknown,
	stitches: number
): Result<Script> {
	const script = parseShape(shape, value, `a script in “${MOVES_FORMAT}”`);
	if (!script.ok) {
		const move = /“moves\.(\d+)/.exec(script.error.message);
		return move ? fault('unreadable', script.error.message, Number(move[1]) + 1) : script;
	}
	if (script.value.stitches === stitches) return script;
	return fault(
		'conflict',
		`The script is for ${script.value.stitches} stitches, the crossing has ${stitches}.`
	);
}
