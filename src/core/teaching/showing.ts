import type { Crossing } from '../crossing/crossing';
import { bedScriptOf, type BedScript } from '../hands/bedSentence';
import { mirror } from '../crossing/transform';
import { scriptOf, type Script } from '../hands/steps';
import type { Voice } from '../hands/voice';
import { rulesWith } from '../rules';
import { isBed, type Bed, type Medium } from '../technique/medium';
import { bedWaysOf, type BedWay } from '../ways/bed';
import { handed, type Handed } from '../ways/handed';
import { wayOf, waysOf, type Way } from '../ways/ways';
import { crossingOf, type Lesson, type LessonCrossing, type Part } from '../lesson/lesson';

/** Steps that can be gone through: of hands on needles, or of tools at a machine's bed or a loom's pegs. */
export type ShownSteps =
	| { readonly kind: 'hand'; readonly script: Script }
	| { readonly kind: 'bed'; readonly script: BedScript; readonly medium: Bed };

/** A way with its steps. */
export type ShownWay =
	| (Extract<ShownSteps, { kind: 'hand' }> & { readonly way: Way })
	| (Extract<ShownSteps, { kind: 'bed' }> & { readonly way: BedWay });

/** What a part lets learners see: a crossing for one pair of hands, and, in a part to show, each of its steps. */
export interface Showing {
	readonly taught: LessonCrossing;
	readonly hands: Handed;
	readonly shown: ShownWay | null;
}

/** The showing of a part, or `null` when it speaks of no crossing that the lesson has. */
export function showingOf(lesson: Lesson, part: Part, voice: Voice): Showing | null {
	const taught = crossingOf(lesson, part);
	if (!taught) return null;
	const medium: Medium = lesson.medium;
	const hands = handed(taught.crossing, voice, medium);
	return {
		taught,
		hands,
		shown: part.kind === 'show' ? shownWay(hands.played, part.way, lesson, voice) : null
	};
}

function shownWay(crossing: Crossing, id: string, lesson: Lesson, voice: Voice): ShownWay | null {
	const { level, yarn = 'plain', rules } = lesson;
	const medium: Medium = lesson.medium;
	if (isBed(medium)) {
		const way = bedWaysOf(crossing, medium).find((one) => one.id === id);
		return way ? { kind: 'bed', way, script: bedScriptOf(crossing, way.moves, medium), medium } : null;
	}
	// A way that was found with more patience than there is here goes by the best that is found now.
	// What speaks against it is told for those who are taught.
	const { hand, keep } = voice;
	const learners = { level, yarn, rules: rulesWith(rules), hand, keep };
	const way =
		wayOf(crossing, id, learners) ??
		(id.startsWith('found-') ? wayOf(crossing, 'found-1', learners) : wayInstead(crossing, id));
	return way ? { kind: 'hand', way, script: scriptOf(crossing, way.moves, voice, { medium }) } : null;
}

/**
 * The way of a hand that cannot go the one that is shown: some are for one lean only, and a left-handed knitter who keeps the
 * fabric makes the other. As few needles as that takes are taken here.
 */
function wayInstead(crossing: Crossing, id: string): Way | undefined {
	const needles = wayOf(mirror(crossing), id)?.needles;
	if (needles === undefined) return undefined;
	const others = waysOf(crossing);
	return others.find((way) => way.needles === needles) ?? others.at(0);
}

type Compared = Extract<Part, { kind: 'compare' }>['left'];

/** One side of a comparison: a crossing step by step, or only as cloth; or rows. */
export type ComparedSide =
	| { readonly title: string; readonly showing: Showing }
	| { readonly title: string; readonly text: string };

/** The two sides of a part that compares, each `null` where it points to nothing. */
export function sidesOf(
	lesson: Lesson,
	part: Extract<Part, { kind: 'compare' }>,
	voice: Voice
): readonly [ComparedSide | null, ComparedSide | null] {
	return [sideOf(lesson, part.left, voice), sideOf(lesson, part.right, voice)];
}

/** How many steps a comparison has: those of its longer side. */
export const stepsIn = (lesson: Lesson, part: Extract<Part, { kind: 'compare' }>, voice: Voice): number =>
	Math.max(
		...sidesOf(lesson, part, voice).map((side) =>
			side && 'showing' in side ? (side.showing.shown?.script.steps.length ?? 0) : 0
		)
	);

function sideOf(lesson: Lesson, side: Compared, voice: Voice): ComparedSide | null {
	if ('swatch' in side) return lesson.swatches.find(({ id }) => id === side.swatch) ?? null;
	const common = { id: '', title: '', minutes: 0, crossing: side.crossing };
	const part: Part = side.way ? { ...common, kind: 'show', way: side.way } : { ...common, kind: 'picture' };
	const seen = showingOf(lesson, part, voice);
	if (!seen) return null;
	const how = seen.shown ? `, ${seen.shown.way.title.toLowerCase()}` : '';
	return { title: `${seen.taught.name}${how}`, showing: seen };
}
