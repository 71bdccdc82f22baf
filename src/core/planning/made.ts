import type { Crossing } from '../crossing/crossing';
import { isBed, type Medium } from '../technique/medium';
import { rulesWith } from '../rules';
import { bedWaysOf } from '../ways/bed';
import { wayOf, waysOf } from '../ways/ways';
import type { Lesson } from '../lesson/lesson';

/** A way as a lesson needs it: what it is, what it costs and what speaks against it. */
export interface MadeWay {
	readonly id: string;
	readonly title: string;
	readonly needles: number;
	readonly movements: number;
	readonly cautions: readonly string[];
}

/** Those for whom a lesson is, as far as ways depend on them. */
type Learners = Pick<Lesson, 'level' | 'yarn' | 'medium' | 'rules'>;

const options = ({ level, yarn, rules }: Learners) =>
	({ level, yarn: yarn ?? 'plain', rules: rulesWith(rules) }) as const;

/** A draft asks for the same ways again and again, so they are kept with their crossing. */
const kept = new WeakMap<Crossing, Map<string, readonly MadeWay[]>>();

/** The ways of a crossing for the learners of a lesson, best first. */
export function madeWays(crossing: Crossing, lesson: Learners): readonly MadeWay[] {
	const { level, yarn, medium, rules } = lesson;
	const byLearners = kept.get(crossing) ?? new Map<string, readonly MadeWay[]>();
	kept.set(crossing, byLearners);
	const learners = `${level} ${yarn} ${medium} ${rules ? JSON.stringify(rules) : ''}`;
	let ways = byLearners.get(learners);
	if (!ways) {
		ways = isBed(medium as Medium)
			? bedWays(crossing, medium as 'machine' | 'loom', lesson)
			: waysOf(crossing, options(lesson));
		byLearners.set(learners, ways);
	}
	return ways;
}

/** One of them, by its id; `undefined` when nobody makes it so. */
export function madeWay(crossing: Crossing, id: string, lesson: Learners): MadeWay | undefined {
	const known = madeWays(crossing, lesson).find((way) => way.id === id);
	if (known || isBed(lesson.medium as Medium) || !id.startsWith('found-')) return known;
	return wayOf(crossing, id, options(lesson));
}

/** Tools hold every stitch; what a bed asks beyond that is no matter of level. */
const bedWays = (crossing: Crossing, medium: 'machine' | 'loom', { rules }: Learners): MadeWay[] =>
	bedWaysOf(crossing, medium, { rules: rulesWith(rules) }).map(({ id, title, movements }) => ({
		id,
		title,
		needles: 0,
		movements,
		cautions: []
	}));
