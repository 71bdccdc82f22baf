import { faceOf } from '../crossing/work';
import { heldIn, holdingsOf, type Facts } from './facts';
import type { Pick, Said } from './said';

/** Stitches that a pick means, and how many they are said to be where it is only a number that is said. */
export interface Picked {
	readonly stitches: readonly number[] | null;
	readonly count: number | null;
}

const runOf = (from: number, count: number): number[] =>
	Array.from({ length: Math.max(0, count) }, (_, i) => from + i);

/** What a pick means for a crossing; its own stitches `null` where they are not known, or are none. */
export function pickedBy(pick: Pick | null, facts: Facts, others: readonly number[] = []): Picked {
	if (!pick) return { stitches: null, count: null };
	const { crossing, groups, hand } = facts;
	const n = crossing.stitches;
	const [number] = pick.numbers;
	const all = runOf(1, n);
	const byFace = (face: 'knit' | 'purl') =>
		crossing.order.filter((_, i) => faceOf(crossing.work[i]) === face).sort((a, b) => a - b);
	const edge = (first: boolean) =>
		number
			? first
				? runOf(1, number)
				: runOf(n - number + 1, number)
			: first
				? groups[0]
				: groups[groups.length - 1];
	const told = (stitches: readonly number[]): Picked => ({ stitches, count: number ?? null });
	switch (pick.sign) {
		case '#':
			return { stitches: pick.numbers, count: null };
		case '^':
			return { stitches: runOf(1, number), count: null };
		case '$':
			return { stitches: runOf(n - number + 1, number), count: null };
		case '%':
			return { stitches: (number === 9 ? groups.at(-1) : groups[number - 1]) ?? [], count: null };
		case '>': {
			// What comes next on the needle, once the others are held.
			const held = Math.max(0, ...heldIn(crossing));
			return { stitches: held + number <= n ? runOf(held + 1, number) : [], count: null };
		}
		case '~':
			return { stitches: null, count: number };
		case '@F':
			return told(facts.front);
		case '@B':
			return told(facts.behind);
		case '@H':
			return told(heldIn(crossing));
		case '@M':
			return told(groups.length === 3 ? groups[1] : []);
		case '@O':
			return {
				stitches: others.length > 0 ? all.filter((one) => !others.includes(one)) : null,
				count: number ?? null
			};
		case '@E':
			return { stitches: null, count: null };
		case '@P':
			return told(byFace('purl'));
		case '@K':
			return told(byFace('knit'));
		case '@S':
		case '@T': {
			// “The single stitch”, “the pair”: the one group of that size.
			const sized = groups.filter(({ length }) => length === (pick.sign === '@S' ? 1 : 2));
			return { stitches: sized.length === 1 ? sized[0] : null, count: null };
		}
		case '@W':
			return told(all.filter((one) => !heldIn(crossing).includes(one)));
		case '@R':
			return { stitches: edge(hand === 'right'), count: null };
		case '@L':
			return { stitches: edge(hand !== 'right'), count: null };
		case '@A':
			return told(all);
	}
}

const sameSet = (a: readonly number[], b: readonly number[]): boolean =>
	a.length === b.length && a.every((one) => b.includes(one));
const isWithin = (a: readonly number[], b: readonly number[]): boolean => a.every((one) => b.includes(one));
/** A number said with stitches that are not so many. */
const isMiscounted = ({ stitches, count }: Picked): boolean =>
	stitches !== null && count !== null && stitches.length !== count;

/**
 * Whether what is said is so; `null` where that cannot be judged.
 *
 * @param before the stitches last spoken of, which “they” and “the others” go by
 * @param denied the opposite is claimed: of a face, the other one
 */
export function judged(said: Said, facts: Facts, before: Pick | null, denied = false): boolean | null {
	if (denied && said.kind === 'face')
		return judged({ ...said, face: said.face === 'k' ? 'p' : 'k' }, facts, before);
	const holds = plainly(said, facts, before);
	return holds === null || !denied ? holds : !holds;
}

function plainly(said: Said, facts: Facts, before: Pick | null): boolean | null {
	const { crossing } = facts;
	const earlier = pickedBy(before, facts);
	switch (said.kind) {
		case 'hold':
			return heldAs(said.parts, facts);
		case 'count':
			return said.where === 'all'
				? crossing.stitches === said.count
				: holdingsOf(crossing).some(({ stitches }) => stitches.length === said.count);
		case 'in-front':
		case 'behind':
			return liesAs(said, facts, earlier);
		case 'first': {
			const picked = pickedBy(said.pick, facts, earlier.stitches ?? []);
			const worked = said.last ? [...crossing.order].reverse() : crossing.order;
			if (picked.stitches === null) return null;
			if (picked.stitches.length === 0 || picked.stitches.length >= crossing.stitches) return null;
			if (isMiscounted(picked)) return false;
			return sameSet(worked.slice(0, picked.stitches.length), picked.stitches);
		}
		case 'order':
			if ('order' in said)
				return said.order.length === crossing.stitches
					? said.order.every((one, i) => one === crossing.order[i])
					: said.order.length < crossing.stitches
						? null
						: false;
			if ('stays' in said) {
				const { stitches } = pickedBy(said.stays, facts, earlier.stitches ?? []);
				return stitches === null || stitches.length === 0
					? null
					: stitches.every((one) => crossing.order[one - 1] === one);
			}
			return crossing.order[said.becomes - 1] === said.from;
		case 'face': {
			const picked = pickedBy(said.pick, facts, earlier.stitches ?? []);
			if (picked.stitches === null) return null;
			// There are none of those: what is said of them says nothing.
			if (picked.stitches.length === 0)
				return said.pick.sign === '@P' || said.pick.sign === '@M' ? false : null;
			if (isMiscounted(picked) || picked.stitches.some((one) => one > crossing.stitches)) return false;
			return picked.stitches.every(
				(one) => faceOf(crossing.work[crossing.order.indexOf(one)]) === (said.face === 'k' ? 'knit' : 'purl')
			);
		}
		case 'lean':
			return facts.lean === 'none' || facts.lean === 'mixed' ? false : facts.lean === said.lean;
		default:
			return null;
	}
}

function heldAs(parts: (Said & { kind: 'hold' })['parts'], facts: Facts): boolean | null {
	const holdings = holdingsOf(facts.crossing);
	if (holdings.length === 0) return null;
	return parts.every(({ at, pick }) => {
		const picked =
			pick?.sign === '>' ? { stitches: runOf(1, pick.numbers[0]), count: null } : pickedBy(pick, facts);
		if (isMiscounted(picked)) return false;
		return holdings.some(
			(one) =>
				one.at === at &&
				(picked.count === null || picked.stitches !== null || one.stitches.length === picked.count) &&
				(picked.stitches === null || sameSet(one.stitches, picked.stitches))
		);
	});
}

/** Whether stitches lie over, or under, others; of numbers alone, whether as many do. */
function liesAs(
	{ kind, subject, object }: Extract<Said, { kind: 'in-front' | 'behind' }>,
	facts: Facts,
	earlier: Picked
): boolean | null {
	const { front, behind, crossing } = facts;
	const inFront = kind === 'in-front';
	const [here, there] = inFront ? [front, behind] : [behind, front];
	const one = subject ? pickedBy(subject, facts, earlier.stitches ?? []) : earlier;
	if (isMiscounted(one)) return false;
	const other = pickedBy(object, facts, one.stitches ?? []);
	if (isMiscounted(other)) return false;
	if (one.stitches === null) {
		if (one.count === null) return null;
		return (
			here.length === one.count &&
			(other.count === null || there.length === other.count) &&
			(other.stitches === null || sameSet(other.stitches, there))
		);
	}
	if (one.stitches.length === 0 || one.stitches.some((stitch) => stitch > crossing.stitches)) return false;
	if (object?.sign === '@E')
		return one.stitches.every((a) => crossing.over.some(([f, u]) => (inFront ? f : u) === a));
	const lies = (a: number, b: number) =>
		crossing.over.some(([f, u]) => (inFront ? f === a && u === b : f === b && u === a));
	if (other.stitches !== null) {
		const pairs = one.stitches.flatMap((a) => other.stitches!.map((b) => [a, b] as const));
		if (pairs.some(([a, b]) => a === b)) return false;
		// “The others” are those that it meets.
		if (object?.sign === '@O')
			return (
				one.stitches.every((a) => other.stitches!.some((b) => lies(a, b))) &&
				!pairs.some(([a, b]) => lies(b, a))
			);
		return pairs.length > 0 && pairs.every(([a, b]) => lies(a, b));
	}
	if (other.count !== null && there.length !== other.count) return false;
	if (isWithin(one.stitches, here)) return true;
	// What lies between is in front of some and behind others.
	const between = one.stitches.some(
		(stitch) =>
			!here.includes(stitch) && !there.includes(stitch) && crossing.over.some((pair) => pair.includes(stitch))
	);
	return between ? null : false;
}
