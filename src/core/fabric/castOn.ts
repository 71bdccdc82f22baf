import { plain } from '../naming/key';
import type { Item, Pattern, WrittenRow } from '../pattern/pattern';
import { fault, good, type Result } from '../result';
import { castOnCloth, type Cloth } from './cloth';
import type { Effort } from './effort';
import { meaningBy, narrowedBy, type Names } from './names';
import type { Planned } from './plan';
import { stitchesNeeded, workRow, type Meaning, type RowNumber, type WorkedRow } from './work';

/** Most stitches a pattern is worked for. */
export const MOST_CAST_ON = 2_000;
/** Stitches worked, at most, to find a multiple that fits. */
const MOST_TRIED_STITCHES = 2_000_000;

/** Stitches to begin with: cast on, the smallest multiple that works, or what row 1 uses where that is fixed. */
export function* castOnOf(
	{ castOn, multiple }: Pattern,
	planned: readonly Planned[],
	names: Names
): Effort<Result<{ count: number; fromRow: boolean }>> {
	if (castOn !== null && castOn <= MOST_CAST_ON) return good({ count: castOn, fromRow: false });
	if (castOn !== null)
		return fault(
			'unreadable',
			`A pattern is worked for up to ${MOST_CAST_ON} stitches; this one casts on ${castOn}.`
		);
	if (multiple && multiple.of > 0) {
		let budget = MOST_TRIED_STITCHES;
		for (let count = multiple.of + multiple.plus; count <= MOST_CAST_ON && budget > 0; count += multiple.of) {
			budget -= count * planned.length;
			const meaning = meaningBy(yield* settleNames(planned, names, count));
			if (yield* allFit(planned, count, meaning)) return good({ count, fromRow: false });
		}
		return fault(
			'unreadable',
			`No multiple of ${multiple.of} + ${multiple.plus} fits these rows. Say how many to cast on.`
		);
	}
	const [row] = planned;
	const needs = row ? new Set(needsOf(row.written, names)) : new Set<null>();
	const [need] = needs;
	if (needs.size === 1 && typeof need === 'number' && need > 0) return good({ count: need, fromRow: true });
	return fault(
		'unreadable',
		'How many stitches are there to begin with? Write “Cast on 8.” before the rows.'
	);
}

/** What a row uses with each meaning its names may have. */
function needsOf({ items, names: used }: WrittenRow, names: Names): (number | null)[] {
	const widths = used.map((text) => names.get(plain(text))?.crossings ?? []);
	const longest = Math.max(1, ...widths.map((crossings) => crossings.length));
	return Array.from({ length: longest }, (_, i) =>
		stitchesNeeded(items, (text) => {
			const crossings = names.get(plain(text))?.crossings ?? [];
			return crossings[Math.min(i, crossings.length - 1)] ?? null;
		})
	);
}

/** The names once every row has had its say; what one row settles holds for the rows before as well. */
export function* settleNames(planned: readonly Planned[], names: Names, castOn: number): Effort<Names> {
	let now = names;
	for (;;) {
		const next = yield* narrowedOnce(planned, now, castOn);
		if (next === now) return now;
		now = next;
	}
}

function* narrowedOnce(planned: readonly Planned[], names: Names, castOn: number): Effort<Names> {
	if ([...names.values()].every(({ crossings }) => crossings.length < 2)) return names;
	let cloth = castOnCloth(castOn);
	for (const { number, written } of planned) {
		const before = cloth;
		let tried = 1;
		const next = narrowedBy(names, written, (meaning) => {
			tried++;
			return fits(before, written.items, number, meaning);
		});
		yield tried * before.strands.length;
		if (next !== names) return next;
		cloth = workRow(cloth, written.items, number, meaningBy(names)).cloth;
	}
	return names;
}

const fits = (cloth: Cloth, items: readonly Item[], number: RowNumber, meaning: Meaning): boolean =>
	fitting(workRow(cloth, items, number, meaning));

const fitting = ({ problems }: WorkedRow): boolean =>
	!problems.some(({ code }) => code === 'too-few' || code === 'too-many');

function* allFit(planned: readonly Planned[], castOn: number, meaning: Meaning): Effort<boolean> {
	let cloth = castOnCloth(castOn);
	for (const { number, written } of planned) {
		const worked = workRow(cloth, written.items, number, meaning);
		cloth = worked.cloth;
		yield cloth.strands.length;
		if (!fitting(worked)) return false;
	}
	return true;
}
