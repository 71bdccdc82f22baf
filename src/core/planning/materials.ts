import { swatchOf } from '../lesson/rows';
import { howMade, slipIn } from '../lesson/slip';
import { RIGHT_HANDS } from '../ways/handed';
import { gramsEach } from '../measures/lessonYarn';
import { rulesWith } from '../rules';
import { isBed, isDoubled, type Medium } from '../technique/medium';
import type { Lesson, Part } from '../lesson/lesson';
import { madeWay } from './made';

type Material = Lesson['materials'][number];

/** Something a part needs, and how it may be called in a list. */
export interface MaterialNeed {
	readonly part: string | null;
	readonly material: Material;
	/** what in a list of materials covers it */
	readonly by: RegExp;
}

const YARN = /yarn|wool|cotton|linen|silk|acrylic|thread/i;
const NEEDLES = /(?<!cable )needles?\b|circular/i;
const CABLE = /cable needle|\bcn\b/i;
const MARKERS = /marker|safety pin/i;
const HOOK = /crochet hook|latch hook|crochet/i;
const PINS = /\bpins?\b/i;
const TAPE = /\btape\b|ruler/i;
const TOOLS = /transfer tool|tools?\b/i;

const NEVER = 'never larger than the working needles';

/** Yarn without rows to reckon with, for trying a cross out. */
const TRIAL_YARN = '15 g each';

/** The yarn of a medium, and why: two of them where rows are in two. */
function yarnNeeded({ medium }: Pick<Lesson, 'medium'>): readonly [what: string, why: string] {
	if (medium === 'slipped')
		return [
			'smooth, round yarn in two colours, main (MC) and contrast (CC)',
			'what is slipped stays in the older colour'
		];
	if (isDoubled(medium)) return ['smooth, round yarn in two colours', 'one for each face'];
	return ['smooth, round, plain-coloured yarn', 'the crossing shows'];
}

/** Yarn for each learner, by the rows that the lesson knits. */
function yarnFor(lesson: Lesson): string {
	const worked = lesson.swatches.flatMap(({ id }) => swatchOf(lesson, id) ?? []);
	if (worked.length === 0) return TRIAL_YARN;
	const each = gramsEach(worked, rulesWith(lesson.rules));
	return `${each} g each${lesson.people ? `, ${each * lesson.people} g for ${lesson.people}` : ''}`;
}

/** Whether the slip of a part is mended by hooking stitches up again. */
function hookedUp(lesson: Lesson, { crossing: id, slip }: Extract<Part, { kind: 'mend' }>): boolean {
	const taught = lesson.crossings.find((one) => one.id === id);
	return (
		taught !== undefined && slipIn(howMade(lesson), taught.crossing, taught.name, slip, RIGHT_HANDS).hooked
	);
}

/** All that the parts of a lesson need, each once, with its reason; amounts follow the number of people where it is known. */
export function needsOf(lesson: Lesson): MaterialNeed[] {
	const each = '1 each';
	const needs: MaterialNeed[] = [];
	const need = (part: Part | null, what: string, why: string, amount: string, by: RegExp) => {
		if (!needs.some((one) => one.by === by))
			needs.push({ part: part?.id ?? null, material: { what, why, amount }, by });
	};
	const bed = isBed(lesson.medium as Medium);
	for (const part of lesson.parts) {
		switch (part.kind) {
			case 'show':
			case 'practice':
			case 'swatch':
				need(part, ...yarnNeeded(lesson), yarnFor(lesson), YARN);
				if (bed)
					need(
						part,
						lesson.medium === 'loom' ? 'a loom tool and a spare pin' : 'two transfer tools',
						'they carry the sets',
						each,
						TOOLS
					);
				else need(part, 'working needles', 'for that yarn', '1 pair each', NEEDLES);
				break;
			case 'count':
				need(part, 'removable markers', 'one in the last stitch of each cross', '2 each', MARKERS);
				break;
			case 'mend':
				if (!bed && hookedUp(lesson, part))
					need(part, 'a crochet hook', 'to hook laddered stitches up', '1 for two', HOOK);
				break;
			case 'measure':
				need(
					part,
					'a tape measure and a kitchen scale',
					'what is measured plans the next piece',
					'for the table',
					TAPE
				);
				break;
			case 'finish':
				need(
					part,
					'rustproof pins, counted, and a towel',
					'to pin out and to press dry',
					'for the table',
					PINS
				);
				break;
			case 'explain':
			case 'picture':
			case 'compare':
			case 'check':
			case 'tension':
			case 'care':
			case 'note':
				break;
			default:
				part satisfies never;
		}
		if (part.kind !== 'show' || bed) continue;
		const crossing = lesson.crossings.find(({ id }) => id === part.crossing)?.crossing;
		const needles = crossing ? (madeWay(crossing, part.way, lesson)?.needles ?? 0) : 0;
		if (needles > 0)
			need(
				part,
				lesson.level === 'beginner' ? 'a hooked cable needle' : 'a cable needle',
				lesson.level === 'beginner' ? `stays in by itself; ${NEVER}` : NEVER,
				`${needles} each`,
				CABLE
			);
	}
	return needs;
}

/** The needs that nothing in a lesson's list covers. */
export const missingIn = (lesson: Lesson): MaterialNeed[] =>
	needsOf(lesson).filter(({ by }) => !lesson.materials.some(({ what }) => by.test(what)));
