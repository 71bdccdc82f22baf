import { LEFT_HANDED } from './leftSaid';
import { plain } from '../naming/key';
import { MEDIUM_WORDS } from '../technique/medium';
import { crossingsOf, madeInRows, swatchesOf, taughtIn } from './about';
import { claimsOf } from './claimed';
import { otherMediumIn, refusedName } from './otherMedium';
import { FILLED, MOST_WITHOUT_REST } from './pace';
import { unsettledNames } from './unsettled';
import { estimateOf } from './estimate';
import { rowsWorked } from '../lesson/rows';
import { staleNames } from './stale';
import { minutesOf, timed, type Lesson, type Part } from '../lesson/lesson';
import { madeWay } from './made';
import { missingIn } from './materials';
import type { Rates } from './rates';
import { namesInLesson } from '../telling/schoolsIn';

/** What can be wrong with a lesson, and how grave it is. */
export const LESSON_PROBLEMS = {
	'over-time': 'error',
	'not-shown': 'error',
	dangling: 'error',
	swatch: 'error',
	'never-practised': 'warning',
	'no-check': 'warning',
	'two-schools': 'warning',
	'beyond-level': 'warning',
	material: 'warning',
	'no-rest': 'warning',
	stale: 'warning',
	rests: 'warning',
	'under-filled': 'warning',
	claim: 'warning',
	'left-handed': 'warning',
	unsettled: 'warning',
	'no-strip': 'warning',
	medium: 'warning'
} as const;

export type LessonProblemCode = keyof typeof LESSON_PROBLEMS;

export interface LessonProblem {
	readonly code: LessonProblemCode;
	/** the part it is about; `null` when it is about the lesson */
	readonly part: string | null;
	readonly severity: 'error' | 'warning';
	readonly message: string;
}

/** A part on the clock: the minute it begins at, the teacher's own minutes, and the estimate beside them. */
export interface PartTime {
	readonly id: string;
	readonly starts: number;
	readonly minutes: number;
	readonly estimate: number;
}

export interface Checked {
	readonly minutes: number;
	readonly parts: readonly PartTime[];
	readonly problems: readonly LessonProblem[];
}

/** A lesson on the clock, and what is wrong with it, in the order of its parts. */
export function checkLesson(lesson: Lesson, rates?: Rates): Checked {
	const problems = CHECKS.flatMap((check) => check(lesson));
	const order = new Map(lesson.parts.map(({ id }, i) => [id, i]));
	const place = ({ part }: LessonProblem) => (part === null ? Infinity : (order.get(part) ?? Infinity));
	return {
		minutes: minutesOf(lesson),
		parts: timed(lesson).map(({ part, from }) => ({
			id: part.id,
			starts: from,
			minutes: part.minutes,
			estimate: estimateOf(lesson, part, rates)
		})),
		problems: problems.sort((a, b) => place(a) - place(b))
	};
}

const problem = (code: LessonProblemCode, part: string | null, message: string): LessonProblem => ({
	code,
	part,
	severity: LESSON_PROBLEMS[code],
	message
});

type Check = (lesson: Lesson) => LessonProblem[];

const overTime: Check = (lesson) => {
	const total = minutesOf(lesson);
	if (total <= lesson.minutes) return [];
	const late = timed(lesson).find(({ part, from }) => from + part.minutes > lesson.minutes);
	return [
		problem(
			'over-time',
			late?.part.id ?? null,
			`The parts take ${total} minutes, ${total - lesson.minutes} more than the class has. Shorten one, or leave one for another day.`
		)
	];
};

/** References of a part to what the lesson should have. */
const dangling: Check = (lesson) =>
	lesson.parts.flatMap((part) => {
		const wrong: string[] = [];
		for (const id of crossingsOf(part))
			if (!lesson.crossings.some((one) => one.id === id)) wrong.push(`the crossing “${id}”`);
		for (const id of swatchesOf(part))
			if (!lesson.swatches.some((one) => one.id === id)) wrong.push(`the swatch “${id}”`);
		for (const { crossing, way } of waysIn(part)) {
			const made = lesson.crossings.find((one) => one.id === crossing);
			if (made && !madeWay(made.crossing, way, lesson))
				wrong.push(`the way “${way}”, which ${made.name} has not`);
		}
		return wrong.map((what) =>
			problem('dangling', part.id, `“${part.title}” speaks of ${what}. Choose one that is there.`)
		);
	});

/** Crossings and swatches that are practised, compared, counted or mended before the crossing was shown. */
const notShown: Check = (lesson) => {
	const shown = new Set<string>();
	return lesson.parts.flatMap((part) => {
		if (part.kind === 'show') shown.add(part.crossing);
		if (!['practice', 'compare', 'count', 'mend'].includes(part.kind)) return [];
		return taughtIn(lesson, part)
			.filter(({ id }) => !shown.has(id))
			.map(({ name }) =>
				problem(
					'not-shown',
					part.id,
					`“${part.title}” comes before ${name} is shown. Show it first, or move this later.`
				)
			);
	});
};

const neverPractised: Check = (lesson) =>
	presented(lesson).flatMap(({ id, name, part }) => {
		const practised = lesson.parts.some(
			(one) => one.kind === 'practice' && taughtIn(lesson, one).some((taught) => taught.id === id)
		);
		return practised
			? []
			: [
					problem(
						'never-practised',
						part,
						`${name} is shown, but nobody practises it. Add a practice behind it.`
					)
				];
	});

const noCheck: Check = (lesson) =>
	presented(lesson).flatMap(({ id, name, part }) =>
		lesson.parts.some((one) => one.kind === 'check' && one.crossing === id)
			? []
			: [
					problem(
						'no-check',
						part,
						`Nothing asks whether ${name} is understood. Add a question behind its practice.`
					)
				]
	);

const twoSchools: Check = (lesson) => {
	const names = namesInLesson(lesson);
	const first = names.at(0);
	const other = names.find(({ school }) => school !== first?.school);
	if (!first || !other) return [];
	return [
		problem(
			'two-schools',
			other.part ?? first.part,
			`“${first.name}” and “${other.name}” are names in two notations. Write both the same way, or learners will mix them up.`
		)
	];
};

const beyondLevel: Check = (lesson) =>
	lesson.parts.flatMap((part) =>
		waysIn(part).flatMap(({ crossing, way }) => {
			const taught = lesson.crossings.find((one) => one.id === crossing);
			const made = taught && madeWay(taught.crossing, way, lesson);
			if (!made) return [];
			const against = [...made.cautions];
			if (lesson.needles !== undefined && made.needles > lesson.needles)
				against.push(
					`It takes ${made.needles} cable ${made.needles === 1 ? 'needle' : 'needles'}; there ${lesson.needles === 1 ? 'is 1' : `are ${lesson.needles}`} for each.`
				);
			return against.map((why) => problem('beyond-level', part.id, `“${part.title}”: ${why}`));
		})
	);

const material: Check = (lesson) =>
	missingIn(lesson).map(({ part, material: { what, why } }) =>
		problem(
			'material',
			part,
			`${what[0].toUpperCase()}${what.slice(1)} ${/s\b(?!.*,)/.test(what) ? 'are' : 'is'} needed${why ? ` (${why})` : ''} and not in the list.`
		)
	);

const noRest: Check = (lesson) => {
	let since = 0;
	for (const { part, from } of timed(lesson)) {
		if (part.kind === 'care') {
			since = from + part.minutes;
			continue;
		}
		if (from + part.minutes - since > MOST_WITHOUT_REST)
			return [
				problem(
					'no-rest',
					part.id,
					`By the end of “${part.title}” hands have worked for more than ${MOST_WITHOUT_REST} minutes. Put a rest before it.`
				)
			];
	}
	return [];
};

/** Rests that rest nobody: two together, or one at an end. */
const rests: Check = (lesson) =>
	idleRests(lesson.parts).map(({ id, title }) =>
		problem('rests', id, `“${title}” stands beside another rest, or where nobody has worked. Take it out.`)
	);

/** Rests beside another one, or at the beginning or end of a lesson. */
export const idleRests = (parts: readonly Part[]): Part[] =>
	parts.filter(
		(part, i) => part.kind === 'care' && (i === 0 || i === parts.length - 1 || parts[i - 1].kind === 'care')
	);

/** A class is filled to so much, or the lesson says what there is more to do. */
const underFilled: Check = (lesson) => {
	const total = minutesOf(lesson);
	if (lesson.parts.length === 0 || lesson.more || total >= FILLED * lesson.minutes) return [];
	return [
		problem(
			'under-filled',
			null,
			`The parts take ${total} of ${lesson.minutes} minutes. Practise longer, say what there is more to do, or make the class shorter.`
		)
	];
};

/** What a text says of a cross that is not so. */
const claim: Check = (lesson) =>
	claimsOf(lesson)
		.filter(({ holds }) => holds === false)
		.map(({ where, from, to, because }) =>
			problem('claim', where.part, `“${where.text.slice(from, to)}” does not hold. ${because}`)
		);

const leftHanded: Check = (lesson) => {
	if (!lesson.leftHanded || lesson.crossings.length === 0) return [];
	if (lesson.parts.some(({ title, text }) => LEFT_HANDED.test(`${title} ${text ?? ''}`))) return [];
	return [
		problem(
			'left-handed',
			null,
			`${lesson.leftHanded === 1 ? 'A left-hander comes' : `${lesson.leftHanded} left-handers come`}, and no part says what changes. Say it where a cross is shown.`
		)
	];
};

const unsettled: Check = (lesson) =>
	unsettledNames(lesson).map(({ name, part, clear }) =>
		problem(
			'unsettled',
			part,
			`“${name}” may be ${clear.map((one) => one.name).join(' or ')}, and nothing here says which. Write one of them.`
		)
	);

/** Practice that is knitted on nothing. */
const noStrip: Check = (lesson) => {
	const knitted = madeInRows(lesson);
	return lesson.parts.flatMap((part) => {
		if (part.kind !== 'practice' || part.swatch !== undefined) return [];
		const taught = lesson.crossings.find(({ id }) => id === part.crossing);
		if (taught && knitted.has(plain(taught.name))) return [];
		return [
			problem(
				'no-strip',
				part.id,
				`“${part.title}” is practised on nothing: no rows of the lesson have that cross. Give it a strip.`
			)
		];
	});
};

const medium: Check = (lesson) =>
	otherMediumIn(lesson).map(({ part, says }) => problem('medium', part, says));

const swatches: Check = (lesson) =>
	lesson.swatches.flatMap((swatch) => {
		const part = lesson.parts.find((one) => swatchesOf(one).includes(swatch.id));
		const refused = refusedName(lesson, swatch.text);
		if (refused)
			return [
				problem(
					'medium',
					part?.id ?? null,
					`“${swatch.title}” has ${refused}, which ${MEDIUM_WORDS[lesson.medium].toLowerCase()} has not. Take it out of the rows.`
				)
			];
		const rows = rowsWorked(swatch.text, lesson.medium);
		const error = rows.ok
			? rows.value.fabric.problems.find(({ severity }) => severity === 'error')
			: rows.error;
		if (!error) return [];
		return [
			problem(
				'swatch',
				part?.id ?? null,
				`The rows of “${swatch.title}” cannot be knitted as they stand: ${error.message}`
			)
		];
	});

/** What is said of a crossing that is nowhere taught. */
const stale: Check = (lesson) =>
	staleNames(lesson).map(({ name, part }) =>
		problem(
			'stale',
			part,
			`${name} is spoken of, but no part teaches it. Take it out of the lesson, or show it.`
		)
	);

const CHECKS: readonly Check[] = [
	overTime,
	notShown,
	neverPractised,
	noCheck,
	twoSchools,
	beyondLevel,
	material,
	noRest,
	dangling,
	swatches,
	stale,
	rests,
	underFilled,
	claim,
	leftHanded,
	unsettled,
	noStrip,
	medium
];

function waysIn(part: Part): { crossing: string; way: string }[] {
	if (part.kind === 'show') return [{ crossing: part.crossing, way: part.way }];
	if (part.kind !== 'compare') return [];
	return [part.left, part.right].flatMap((side) =>
		'crossing' in side && side.way ? [{ crossing: side.crossing, way: side.way }] : []
	);
}

/** Crossings that are shown, each with the part that shows it first. */
function presented(lesson: Lesson): { id: string; name: string; part: string }[] {
	return lesson.crossings.flatMap(({ id, name }) => {
		const part = lesson.parts.find(
			(one) => (one.kind === 'show' || one.kind === 'picture') && one.crossing === id
		);
		return part ? [{ id, name, part: part.id }] : [];
	});
}
