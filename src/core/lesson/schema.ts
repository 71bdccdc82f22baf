import * as z from 'zod/mini';
import { LEVELS, YARNS } from '../ways/cautions';
import { crossingShape } from '../crossing/schema';
import { TAUGHT_SLIPS } from '../faults/slip';
import { FIBRES } from '../measures/finish';
import { STAGES } from '../measures/lives';
import { localTimeShape } from '../moment';
import { rulesShape } from '../schema';

export const LESSON_FORMAT = 'pond-loop/lesson@1';

const id = z.string().check(z.minLength(1), z.maxLength(64));
/** Longest title and longest text of a part, in characters, and its most minutes. */
export const MOST_TITLE = 200;
export const MOST_TEXT = 20_000;
export const MOST_MINUTES = 600;
const line = z.string().check(z.maxLength(MOST_TITLE));
const text = z.string().check(z.maxLength(MOST_TEXT));
const minutes = z.number().check(z.int(), z.minimum(0), z.maximum(MOST_MINUTES));
const times = z.number().check(z.int(), z.minimum(1), z.maximum(99));

/** Highest row that a part may name. */
export const MOST_ROW = 99_999;
const row = z.number().check(z.int(), z.minimum(1), z.maximum(MOST_ROW));

/** What a lesson can be made in. */
export const LESSON_MEDIA = [
	'hand',
	'slipped',
	'brioche',
	'double',
	'double-front',
	'machine',
	'loom'
] as const;

export const levelShape = z.enum(LEVELS);

/** Fields that every part has, whatever its kind. */
const common = { id, title: line, minutes, text: z.optional(text) };

/** Slips of the hands that a lesson speaks of. */
export const slipShape = z.enum(TAUGHT_SLIPS);

const pace = z.enum(['slow', 'steady']);
const yarnHands = z.enum(['right', 'left', 'both']);
const sides = z.enum(['right', 'wrong', 'both']);

const compared = z.union([
	z.strictObject({ crossing: id, way: z.optional(line) }),
	z.strictObject({ swatch: id })
]);

/** One part of a lesson; `kind` says what the others of its fields are. */
export const partShape = z.readonly(
	z.discriminatedUnion('kind', [
		z.strictObject({ ...common, kind: z.literal('explain') }),
		z.strictObject({ ...common, kind: z.literal('picture'), crossing: id }),
		z.strictObject({
			...common,
			kind: z.literal('show'),
			crossing: id,
			way: line,
			times: z.optional(times),
			pace: z.optional(pace),
			yarnHands: z.optional(yarnHands),
			sides: z.optional(sides)
		}),
		z.strictObject({ ...common, kind: z.literal('compare'), left: compared, right: compared }),
		z.strictObject({
			...common,
			kind: z.literal('swatch'),
			swatch: id,
			/** what the class reads; the rows unless it says so */
			read: z.optional(z.enum(['rows', 'chart'])),
			from: z.optional(row),
			to: z.optional(row)
		}),
		z.strictObject({
			...common,
			kind: z.literal('practice'),
			crossing: z.optional(id),
			swatch: z.optional(id),
			/** rows of the swatch, where it is not all of it */
			from: z.optional(row),
			to: z.optional(row),
			times: z.optional(times)
		}),
		z.strictObject({ ...common, kind: z.literal('count'), swatch: id, row: z.optional(row) }),
		z.strictObject({ ...common, kind: z.literal('mend'), crossing: id, slip: slipShape }),
		z.strictObject({
			...common,
			kind: z.literal('check'),
			crossing: z.optional(id),
			question: text,
			answer: text
		}),
		/** slack and tension: where this cross gapes, what helps, what is normal */
		z.strictObject({ ...common, kind: z.literal('tension'), crossing: id }),
		/** a piece of the class is measured, and its figures go into the log */
		z.strictObject({ ...common, kind: z.literal('measure'), swatch: z.optional(id), stage: z.enum(STAGES) }),
		z.strictObject({ ...common, kind: z.literal('finish') }),
		z.strictObject({ ...common, kind: z.literal('care') }),
		z.strictObject({ ...common, kind: z.literal('note') })
	])
);

export const lessonCrossingShape = z.readonly(
	z.strictObject({ id, name: line, crossing: crossingShape, saying: z.optional(text) })
);

/** Longest rows that a lesson holds, in characters. */
export const MOST_ROWS_TEXT = 200_000;

/** Rows that a lesson knits; the id of a swatch of the teacher's, where they come from one. */
export const lessonSwatchShape = z.readonly(
	z.strictObject({ id, title: line, text: z.string().check(z.maxLength(MOST_ROWS_TEXT)) })
);

const yarn = z.enum(YARNS);
const fibre = z.enum(FIBRES);

const names = z.strictObject({
	school: z.enum(['over', 'hold', 'held', 'lean', 'words']),
	terms: z.enum(['us', 'uk'])
});
const needles = z.union([z.literal(0), z.literal(1), z.literal(2)]);
const people = z.number().check(z.int(), z.minimum(0), z.maximum(999));
const materials = z.readonly(
	z
		.array(z.strictObject({ what: line, why: z.optional(line), amount: z.optional(line) }))
		.check(z.maxLength(200))
);

/** Somebody who comes to class, as far as it changes what is prepared: a name or nickname, hands, words, size of print. */
export const learnerShape = z.readonly(
	z.strictObject({
		id,
		name: z.string().check(z.maxLength(80)),
		hand: z.enum(['right', 'left']),
		/** what a left-handed knitter keeps; the fabric where nothing is said */
		keep: z.optional(z.enum(['words', 'fabric'])),
		yarnHand: z.optional(z.enum(['right', 'left'])),
		terms: z.optional(z.enum(['us', 'uk'])),
		large: z.optional(z.boolean()),
		remark: z.optional(z.string().check(z.maxLength(400)))
	})
);
const learners = z.readonly(z.array(learnerShape).check(z.maxLength(60)));

/** The shape of `pond-loop/lesson@1`. `starts` is local time, `2026-11-26T19:00`. */
export const lessonShape = z.readonly(
	z.strictObject({
		format: z.literal(LESSON_FORMAT),
		title: line,
		level: levelShape,
		medium: z.enum(LESSON_MEDIA),
		minutes,
		people: z.optional(people),
		leftHanded: z.optional(people),
		/** who comes, where it is known */
		learners: z.optional(learners),
		starts: z.optional(localTimeShape),
		yarn: z.optional(yarn),
		/** what the class knits with: finishing goes by it */
		fibre: z.optional(fibre),
		needles: z.optional(needles),
		names: z.optional(names),
		/** for children: shorter parts, and other words of care */
		children: z.optional(z.boolean()),
		/** the teacher's own rules of thumb, where they are other than usual */
		rules: z.optional(rulesShape),
		/** what there is time for besides */
		more: z.optional(text),
		/** names taught before */
		known: z.optional(z.readonly(z.array(line).check(z.maxLength(100)))),
		crossings: z.readonly(z.array(lessonCrossingShape).check(z.maxLength(100))),
		swatches: z.readonly(z.array(lessonSwatchShape).check(z.maxLength(100))),
		materials,
		parts: z.readonly(z.array(partShape).check(z.maxLength(400))),
		homework: z.optional(text)
	})
);

/** The fields that each kind of part has, beside its id and kind. */
export const FIELDS_OF = Object.fromEntries(
	partShape.def.innerType.def.options.map(({ shape }) => [
		shape.kind.def.values[0],
		Object.keys(shape).filter((field) => field !== 'id' && field !== 'kind')
	])
) as unknown as Readonly<Record<z.infer<typeof partShape>['kind'], readonly string[]>>;

/** What a change may set of a lesson itself. */
export const lessonFieldsShape = z.readonly(
	z.partial(
		z.strictObject({
			title: line,
			level: levelShape,
			minutes,
			starts: localTimeShape,
			homework: text,
			people,
			leftHanded: people,
			learners,
			yarn,
			fibre,
			needles,
			names,
			materials,
			more: text,
			children: z.boolean()
		})
	)
);

type PartFields<Part> = Part extends unknown ? Exclude<keyof Part, 'id' | 'kind'> : never;

/** What a change may set of a part; rows that are `null` are not said any more, and a field a kind has not is left alone. */
export const partFieldsShape = z.readonly(
	z.partial(
		z.strictObject({
			title: line,
			minutes,
			text,
			way: line,
			times,
			pace,
			yarnHands,
			sides,
			left: compared,
			right: compared,
			slip: slipShape,
			crossing: id,
			swatch: id,
			from: z.nullable(row),
			to: z.nullable(row),
			read: z.enum(['rows', 'chart']),
			row: z.nullable(row),
			stage: z.enum(STAGES),
			question: text,
			answer: text
		} satisfies Readonly<Record<PartFields<z.infer<typeof partShape>>, unknown>>)
	)
);

/** One small change to a lesson. `after` names the part it comes behind, `null` puts it first. */
export const changeShape = z.discriminatedUnion('kind', [
	z.strictObject({ kind: z.literal('set'), fields: lessonFieldsShape }),
	z.strictObject({
		kind: z.literal('add-part'),
		part: partShape,
		after: z.nullable(id),
		/** the crossing the part speaks of, when the lesson may not have it yet */
		teaches: z.optional(lessonCrossingShape)
	}),
	z.strictObject({ kind: z.literal('set-part'), part: id, fields: partFieldsShape }),
	z.strictObject({ kind: z.literal('move-part'), part: id, after: z.nullable(id) }),
	z.strictObject({ kind: z.literal('remove-part'), part: id }),
	/** rows that are new to the lesson, or new rows in place of those it has under this id */
	z.strictObject({ kind: z.literal('put-swatch'), swatch: lessonSwatchShape }),
	/** these rows stay as the lesson has them, whatever becomes of the swatch they came from */
	z.strictObject({ kind: z.literal('keep-swatch'), swatch: id, as: id }),
	/** what a crossing of the lesson is, or is called, or the saying that goes with it */
	z.strictObject({
		kind: z.literal('set-crossing'),
		crossing: id,
		fields: z.readonly(z.partial(z.strictObject({ name: line, crossing: crossingShape, saying: text })))
	}),
	/** the whole lesson as it was, or as it is drafted anew */
	z.strictObject({
		kind: z.literal('restore'),
		lesson: lessonShape,
		/** where it is drafted anew: the parts of it that are the teacher's own, by their ids */
		own: z.optional(z.readonly(z.array(id).check(z.maxLength(400))))
	})
]);
