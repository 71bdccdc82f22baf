import type { Crossing } from '../crossing/crossing';
import type { RowSide } from '../pattern/pattern';
import { castOnCloth, facesOf, sameCloth, strandsOf, type Cloth } from './cloth';
import type { Effort } from './effort';
import type { Planned } from './plan';
import type { Problem } from './problem';
import { workRow, type Meaning, type WorkedRow } from './work';

/** A row worked: its stitches before and after, what the right side shows and which strand lies where. */
export interface FabricRow {
	readonly n: number;
	readonly side: RowSide;
	readonly before: number;
	readonly after: number;
	/** left to right as one looks at the cloth */
	readonly faces: string;
	readonly strands: readonly number[];
}

/** A row of the plan with what was worked: enough to know whether it would come out the same again. */
export interface Step {
	readonly planned: Planned;
	readonly before: Cloth;
	/** what the names of the row meant, in the order of its `names` */
	readonly meant: readonly (Crossing | null)[];
	readonly worked: WorkedRow;
	readonly row: FabricRow;
}

/**
 * Works the planned rows one on the other.
 *
 * @param earlier steps of an earlier plan: a row that is the same on the same stitches is not worked again, so that a
 * change of the text costs no more than the rows that it touches
 */
export function* stepsOf(
	planned: readonly Planned[],
	castOn: number,
	meaning: Meaning,
	earlier: readonly Step[] = []
): Effort<Step[]> {
	const steps: Step[] = [];
	let cloth = earlier.at(0)?.before.strands.length === castOn ? earlier[0].before : castOnCloth(castOn);
	for (const [i, plan] of planned.entries()) {
		const old = earlier.at(i);
		const stands = old && old.before === cloth && saysTheSame(old, plan, meaning);
		const step = stands ? { ...old, planned: plan } : again(plan, cloth, meaning, steps.at(-1), old);
		steps.push(step);
		yield stands ? 1 : step.row.after;
		cloth = step.worked.cloth;
	}
	return steps;
}

function again(
	plan: Planned,
	before: Cloth,
	meaning: Meaning,
	below: Step | undefined,
	old: Step | undefined
): Step {
	const { n, side } = plan.number;
	const fresh = workRow(before, plan.written.items, plan.number, meaning);
	// A row that comes out as it did leaves the rows above as they are.
	const cloth = old && sameCloth(fresh.cloth, old.worked.cloth) ? old.worked.cloth : fresh.cloth;
	const worked = cloth === fresh.cloth ? fresh : { ...fresh, cloth };
	// Most rows change nothing that is seen: they share what the row below has.
	const strands = (!worked.moved && below?.row.strands) || strandsOf(cloth);
	const faces = (!worked.repainted && !worked.moved && below?.row.faces) || facesOf(cloth);
	const row = { n, side, before: before.strands.length, after: cloth.strands.length, faces, strands };
	return { planned: plan, before, meant: plan.written.names.map(meaning), worked, row };
}

function saysTheSame({ planned, meant }: Step, now: Planned, means: Meaning): boolean {
	return (
		planned.number.n === now.number.n &&
		planned.number.side === now.number.side &&
		planned.written.items === now.written.items &&
		now.written.names.every((text, i) => meant[i] === means(text))
	);
}

/** The problems of a step, at their places in the text. */
export const problemsOf = ({ planned: { written }, worked }: Step): Problem[] =>
	worked.problems.map((problem) => ({
		...problem,
		from: problem.from + written.from,
		to: problem.to + written.from
	}));
