import type { Voice } from '../hands/voice';
import type { Lesson, Part } from '../lesson/lesson';
import { answerFor } from '../lesson/answers';
import { retold } from '../telling/said';
import { forSaid, tellingFor, voiceFor, type HandoutOptions } from './options';
import { compacted } from './compact';
import { ANSWERS } from './course';
import { kindFacts } from '../lesson/kinds';
import { finishingBlocks, partSection } from './partSections';
import { careSection, keySection, materialSection, shortWordSection, slipSection } from './reference';
import { swatchBlocks, type Length } from './swatchBlocks';
import { HANDOUT_FORMAT, type Handout, type Section } from './schema';

/** A length that suits a first swatch. */
const USUAL_MM = 200;
/** Lines to write on, at the end. */
const ROOM_LINES = 6;

/** The parts that go home: those chosen, in the order chosen; else those that usually do. */
export function partsHome(lesson: Lesson, chosen?: readonly string[]): Part[] {
	if (!chosen) return lesson.parts.filter(({ kind }) => kindFacts(kind).home);
	return chosen.flatMap((id) => lesson.parts.find((part) => part.id === id) ?? []);
}

/** A lesson as the sheet that learners carry home: the one document that every file of it is made from. */
export function handoutOf(written: Lesson, options: HandoutOptions = {}): Handout {
	const lesson = retold(written, tellingFor(options));
	const voice = voiceFor(lesson, options);
	const length = {
		wishedMm: options.wishedMm ?? USUAL_MM,
		...(options.rows === undefined ? {} : { rows: options.rows })
	};
	const parts = partsHome(lesson, options.parts);
	const told: Section[] = [
		materialSection(lesson),
		...parts.map((part) => partSection(lesson, part, voice)),
		...swatchSections(lesson, parts, voice, length),
		finishing(lesson, parts, voice),
		keySection(lesson, voice),
		slipSection(lesson, voice)
	].filter((section) => section !== null);
	const shortWords = shortWordSection(told);
	const compact = options.compact === true && !options.large;
	const sections = [
		...told,
		...(shortWords ? [shortWords] : []),
		...(lesson.homework ? [homework(lesson.homework)] : []),
		careSection(lesson),
		{ id: 'room', title: 'Room for notes', blocks: [{ kind: 'room' as const, lines: ROOM_LINES }] },
		...answers(lesson, parts, voice)
	];
	return {
		format: HANDOUT_FORMAT,
		title: lesson.title,
		by: options.by ?? '',
		for: forSaid(options),
		paper: options.paper ?? 'a4',
		large: options.large ?? false,
		...(compact ? { compact } : {}),
		sections: compact ? compacted(sections) : sections
	};
}

/** What the questions ask for, on a page of its own, so that nobody reads it before she has thought. */
function answers(lesson: Lesson, parts: readonly Part[], voice: Voice): Section[] {
	const items = parts.flatMap((part) =>
		part.kind === 'check' ? [`- **${part.title}.** ${answerFor(lesson, part, voice)}`] : []
	);
	return items.length > 0
		? [{ id: ANSWERS, title: 'Answers', newPage: true, blocks: [{ kind: 'text', text: items.join('\n') }] }]
		: [];
}

/** What is knitted is finished, where no part of the lesson says how. */
const finishing = (lesson: Lesson, parts: readonly Part[], voice: Voice): Section | null =>
	parts.some((part) => 'swatch' in part && part.swatch) && !parts.some(({ kind }) => kind === 'finish')
		? { id: 'finishing', title: 'Finishing', blocks: finishingBlocks(lesson, voice) }
		: null;

/** The rows of every swatch that the parts knit or count, each once. */
function swatchSections(lesson: Lesson, parts: readonly Part[], voice: Voice, length: Length): Section[] {
	const used = parts.flatMap((part) => ('swatch' in part ? [part.swatch] : []));
	return lesson.swatches
		.filter(({ id }) => used.includes(id))
		.map(({ id, title }) => ({
			id: `rows-${id}`,
			title: `Rows: ${title}`,
			blocks: swatchBlocks(
				lesson,
				id,
				voice,
				length,
				parts.some((part) => part.kind === 'swatch' && part.swatch === id && part.read === 'chart')
			)
		}));
}

const homework = (text: string): Section => ({
	id: 'homework',
	title: 'Until next time',
	blocks: [{ kind: 'text', text }]
});
