import { byKind, figuresFrom, hundredFrom, thumbOf, type Kind, type LeftOut } from '$core/measures/learn';
import type { Estimate, Learned } from '$core/measures/estimate';
import type { Thumb } from '$core/measures/thumb';
import type { Piece } from '$core/measures/schema';

/** What is asked of the pieces: told apart by what, and how long a hundred stitches take by the teacher's rates. */
export interface LearnQuestion {
	readonly pieces: readonly Piece[];
	readonly kind: Kind | 'all';
	readonly ruleMinutes: number;
}

/** Pieces of one kind, and what they say; `key` is empty for all pieces together. */
export interface LearnedGroup {
	readonly key: string;
	readonly titles: readonly string[];
	readonly learned: Learned;
	/** grams and minutes for a hundred stitches */
	readonly yarn: Estimate;
	readonly time: Estimate;
	readonly thumb: ReturnType<typeof thumbOf>;
	readonly leftOut: readonly LeftOut[];
}

/** What pieces say, each kind by itself. */
export function learnedGroups({ pieces, kind, ruleMinutes }: LearnQuestion): LearnedGroup[] {
	const groups = kind === 'all' ? [{ key: '', pieces }] : byKind(pieces, kind);
	return groups.map(({ key, pieces: group }) => {
		const { learned, leftOut } = figuresFrom(group);
		const thumb = thumbOf(group);
		const yarn = hundredFrom(group, 'grams', thumb.gramsPerStitch * 100);
		const time = hundredFrom(group, 'minutes', ruleMinutes);
		return {
			key: String(key),
			titles: group.map(({ title }) => title),
			learned,
			yarn: yarn.estimate,
			time: time.estimate,
			thumb,
			leftOut: [...leftOut.filter(({ of }) => of !== 'gramsPerStitch'), ...yarn.leftOut, ...time.leftOut]
		};
	});
}

/** What pieces are asked for a plan: drawn towards the rules of thumb of the piece to be, and of the teacher's hands. */
export interface PlanQuestion {
	readonly pieces: readonly Piece[];
	readonly thumb: Thumb;
	/** minutes for a hundred stitches, by the teacher's rates */
	readonly ruleMinutes: number;
}

/** What pieces say for a plan. */
export interface PlanLearned {
	readonly learned: Learned;
	/** minutes for a hundred stitches */
	readonly time: Estimate;
}

/** What pieces say of a piece to be. */
export const learnedForPlan = ({ pieces, thumb, ruleMinutes }: PlanQuestion): PlanLearned => ({
	learned: figuresFrom(pieces, thumb).learned,
	time: hundredFrom(pieces, 'minutes', ruleMinutes).estimate
});
