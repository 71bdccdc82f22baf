import { once } from '../once';
import type { Crossing } from '../crossing/crossing';
import { rope, type Lean } from '../crossing/lean';
import { faceOf } from '../crossing/work';
import { turnOver } from '../crossing/transform';
import { inList } from '../english';
import { problem, type Problem } from './problem';
import type { Step } from './steps';
import type { PlacedCrossing } from './work';

/** A cross where it stands on the cloth, as the right side shows it. */
interface Standing {
	readonly step: Step;
	readonly placed: PlacedCrossing;
	/** the columns it spans, from the right edge, 0 first */
	readonly column: number;
	readonly width: number;
	readonly lean: Lean;
}

/** Crosses that are fewer have no rhythm yet. */
const FEWEST = 4;

/**
 * What breaks the rhythm of a piece: crosses forgotten, flipped, early or late, ropes that sink into their ground, and
 * strands that change their face (docs/craft.md, Rows). A place is the columns that a cross spans; places are judged section by
 * section, from their first cross to their last.
 */
export function rhythmProblems(steps: readonly Step[]): Problem[] {
	const problems: Problem[] = faceProblems(steps);
	const bySection = new Map<number, Step[]>();
	for (const step of steps) {
		const { section } = step.planned;
		const known = bySection.get(section);
		if (known) known.push(step);
		else bySection.set(section, [step]);
	}
	for (const section of bySection.values()) {
		const places = placesOf(section);
		const judged = places.filter((place) => place.length >= FEWEST);
		if (judged.length === 0) continue;
		const crossed = new Set<number>();
		for (const [{ column, width }] of places) for (let i = 0; i < width; i++) crossed.add(column + i);
		const rows = new Map(section.map((step) => [step.row.n, step]));
		for (const place of judged)
			problems.push(...spacingProblems(place, rows), ...leanProblems(place), ...sunkProblems(place, crossed));
	}
	return problems;
}

/** The crosses of a row. */
function standingIn(step: Step): Standing[] {
	const { side } = step.planned.number;
	return step.worked.crossings.map((placed): Standing => {
		const { crossing, after } = placed;
		const width = crossing.stitches;
		const column = side === 'RS' ? after : step.row.after - after - width;
		return { step, placed, column, width, lean: leanOf(crossing, side) };
	});
}

const leans = { RS: new WeakMap<Crossing, Lean>(), WS: new WeakMap<Crossing, Lean>() };

/** The lean of a rope as the right side shows it. */
function leanOf(crossing: Crossing, side: 'RS' | 'WS'): Lean {
	let lean = leans[side].get(crossing);
	if (!lean) leans[side].set(crossing, (lean = rope(side === 'RS' ? crossing : turnOver(crossing))));
	return lean;
}

/** The crosses of a section by the columns they span, in the order of rows. */
function placesOf(steps: readonly Step[]): Standing[][] {
	const places = new Map<number, Standing[]>();
	for (const step of steps)
		for (const cross of standingIn(step)) {
			const key = cross.column * MOST_WIDE + cross.width;
			const known = places.get(key);
			if (known) known.push(cross);
			else places.set(key, [cross]);
		}
	return [...places.values()];
}

/** No crossing is so wide. */
const MOST_WIDE = 64;

/** Whether a list goes at least one and a half times through a period of two to four, and is not all the same. */
function isDesign<T>(list: readonly T[]): boolean {
	if (list.every((one) => one === list[0])) return false;
	return [2, 3, 4].some(
		(period) => list.length >= 1.5 * period && list.every((one, i) => i < period || one === list[i - period])
	);
}

/** The commonest of a list, the smallest where several are. */
function commonest(list: readonly number[]): number {
	const counts = new Map<number, number>();
	for (const one of list) counts.set(one, (counts.get(one) ?? 0) + 1);
	return [...counts].sort(([a, timesA], [b, timesB]) => timesB - timesA || a - b)[0][0];
}

const MOST_OF = 0.75;
const rowOf = ({ step }: Standing): number => step.row.n;

/** Crosses that were forgotten, or stand a row early or late. */
function spacingProblems(place: readonly Standing[], rows: ReadonlyMap<number, Step>): Problem[] {
	const usual = rowOf(place[1]) - rowOf(place[0]);
	if (place.every((cross, i) => i === 0 || rowOf(cross) - rowOf(place[i - 1]) === usual)) return [];
	const distances = place.slice(1).map((cross, i) => rowOf(cross) - rowOf(place[i]));
	if (isDesign(distances)) return [];
	const step = commonest(distances);
	if (step === 0) return [];
	const has = new Set(place.map(rowOf));
	const [first, last] = [rowOf(place[0]), rowOf(place[place.length - 1])];
	const expected = Array.from({ length: Math.floor((last - first) / step) + 1 }, (_, i) => first + i * step);
	const kept = expected.filter((n) => has.has(n)).length / expected.length >= MOST_OF;
	const agreed = distances.filter((distance) => distance === step).length / distances.length >= MOST_OF;
	const problems: Problem[] = [];
	let odd = false;
	for (const [i, distance] of distances.entries()) {
		if (distance === step) continue;
		if (distance === 2 * step && kept) {
			const missed = missedAt(place, rowOf(place[i]) + step, step, rows);
			if (missed) problems.push(missed);
		} else if (!odd && (kept || agreed)) {
			odd = true;
			const message = `“${nameOf(place[i + 1])}” comes ${distance} rows after the one below; here they stand every ${step} rows. Work it ${Math.abs(distance - step)} ${Math.abs(distance - step) === 1 ? 'row' : 'rows'} ${distance > step ? 'earlier' : 'later'}.`;
			problems.push(at(place[i + 1], 'odd-spacing', message));
		}
	}
	return problems;
}

function missedAt(
	place: readonly Standing[],
	n: number,
	step: number,
	rows: ReadonlyMap<number, Step>
): Problem | null {
	const row = rows.get(n);
	if (!row) return null;
	const [{ column, width }] = place;
	const { side } = row.planned.number;
	const first = side === 'RS' ? column + 1 : row.row.after - column - width + 1;
	const below = place.findLast((cross) => rowOf(cross) < n)!;
	const others = place.map(rowOf).filter((one) => one !== n);
	const message = `Row ${n} has no cross here, where ${rowsSaid(others)} have one, every ${step} rows: write “${nameOf(below)}” in its stitches.`;
	return problem('missed-cross', n, first, row.planned.written, message);
}

const rowsSaid = (numbers: readonly number[]): string =>
	numbers.length > 4 ? `rows ${numbers.slice(0, 3).join(', ')} and others` : `rows ${inList(numbers)}`;

const nameOf = ({ placed }: Standing): string => placed.item.text;

/** Crosses that lean against the others of their place. */
function leanProblems(place: readonly Standing[]): Problem[] {
	if (place.every(({ lean }) => lean === place[0].lean)) return [];
	const found = place.map(({ lean }) => lean);
	if (isDesign(found)) return [];
	const usual = found.find(
		(lean) => found.filter((other) => other === lean).length / found.length >= MOST_OF
	);
	if (!usual) return [];
	return place
		.filter(({ lean }) => lean !== usual)
		.map((cross) =>
			at(
				cross,
				'flipped-lean',
				`“${nameOf(cross)}” leans ${cross.lean}, and the others here lean ${usual}: turn it the other way.`
			)
		);
}

/** Ropes on a ground of their own face, which sink into it. */
function sunkProblems(place: readonly Standing[], crossed: ReadonlySet<number>): Problem[] {
	const [first] = place;
	const { column, width, step } = first;
	const { faces } = step.row;
	const face = (at: number) => faces[faces.length - 1 - at];
	const beside = [column - 1, column + width];
	if (beside.some((at) => at < 0 || at >= faces.length || crossed.has(at))) return [];
	const fronts = new Set(frontColumns(first).map(face));
	if (fronts.size !== 1 || beside.some((at) => !fronts.has(face(at)))) return [];
	const said = fronts.has('k') ? 'knit' : 'purl';
	const other = fronts.has('k') ? 'purl' : 'knit';
	return [
		at(
			first,
			'sunk-rope',
			`The rope shows ${said}, and so do the stitches on both sides of it: it sinks. Let them show ${other}.`
		)
	];
}

/** The columns in which strands lie that passed in front, once the row is worked. */
function frontColumns({ step, placed, column, width }: Standing): number[] {
	const { side } = step.planned.number;
	const shown = side === 'RS' ? placed.crossing : turnOver(placed.crossing);
	const fronts = new Set(shown.over.map(([front]) => front));
	return shown.order.flatMap((position, i) =>
		fronts.has(position) ? [column + Math.min(i, width - 1)] : []
	);
}

/** Strands that lay in front, and show another face on the first row where they are not crossed again. */
function faceProblems(steps: readonly Step[]): Problem[] {
	const problems: Problem[] = [];
	/** by strand: the face it shows since it lay in front */
	let waiting = new Map<number, string>();
	for (const step of steps) {
		const mixed = step.worked.crossings.some(({ crossing }) => showsBoth(crossing));
		if (!mixed && waiting.size === 0) continue;
		const { strands, faces } = step.row;
		const crosses = standingIn(step);
		const crossed = new Set<number>();
		for (const { column, width } of crosses)
			for (let i = 0; i < width; i++) crossed.add(strands[strands.length - 1 - column - i]);
		strands.forEach((strand, i) => {
			const face = waiting.get(strand);
			if (face === undefined || strand === 0 || crossed.has(strand)) return;
			if (faces[i] !== face) problems.push(changedAt(step, i, face));
		});
		waiting = new Map();
		for (const cross of crosses) {
			if (!showsBoth(cross.placed.crossing)) continue;
			for (const column of frontColumns(cross)) {
				const i = strands.length - 1 - column;
				waiting.set(strands[i], faces[i]);
			}
		}
	}
	return problems;
}

/** Whether the stitches of a crossing show knit and purl; a slipped one may show either. */
const showsBoth = once(({ work }: Crossing) => new Set(work.map(faceOf)).size > 1);

function changedAt({ planned: { number, written }, row }: Step, index: number, face: string): Problem {
	const order = number.side === 'RS' ? row.after - 1 - index : index;
	const [was, is] = face === 'k' ? ['knit', 'purl'] : ['purl', 'knit'];
	return problem(
		'face-change',
		number.n,
		order + 1,
		written,
		`A strand that lay in front as a ${was} shows a ${is} from row ${number.n} on: the rope breaks off there. Work it as it faces.`
	);
}

function at({ step, placed }: Standing, code: Problem['code'], message: string): Problem {
	const { number, written } = step.planned;
	const place = { from: written.from + placed.item.from, to: written.from + placed.item.to };
	return problem(code, number.n, placed.before + 1, place, message);
}
