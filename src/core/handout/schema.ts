import * as z from 'zod/mini';
import { crossingShape } from '../crossing/schema';
import { LESSON_MEDIA, slipShape } from '../lesson/schema';
import { CELL_SIGNS } from '../swatch/chart';
import { DRAWN_STEPS } from '../teaching/point';
import { MEDIA } from '../technique/medium';
import { bedMoveShape, moveShape } from '../hands/schema';

export const HANDOUT_FORMAT = 'pond-loop/handout@1';

const text = z.string();
const place = z.number().check(z.int(), z.minimum(0));
const hand = z.enum(['right', 'left']);
/** the hands that a picture is for */
const hands = { hand, keep: z.enum(['words', 'fabric']) };
/** rows of a pattern, and what they are made in where that is not by hand */
const rows = { text, medium: z.optional(z.enum(MEDIA)) };

/** A picture, as the values it is drawn from; `alt` says what it shows to those who cannot see it. */
export const pictureShape = z.readonly(
	z.discriminatedUnion('kind', [
		/** the needles after so many steps of a script */
		z.object({
			kind: z.literal('rail'),
			alt: text,
			crossing: crossingShape,
			moves: z.readonly(z.array(moveShape)),
			step: place,
			hand,
			yarnHand: hand
		}),
		/** a machine's bed or a loom's pegs after so many steps */
		z.object({
			kind: z.literal('bed'),
			alt: text,
			crossing: crossingShape,
			medium: z.enum(['machine', 'loom']),
			moves: z.readonly(z.array(bedMoveShape)),
			step: place
		}),
		/** the cloth around one cross */
		z.object({
			kind: z.literal('cross'),
			alt: text,
			crossing: crossingShape,
			side: z.enum(['right', 'wrong']),
			from: hand,
			numbers: z.boolean()
		}),
		/** the cloth around one cross as hands made it that slipped; the crossing is as it is played */
		z.object({
			kind: z.literal('slip'),
			alt: text,
			crossing: crossingShape,
			medium: z.enum(LESSON_MEDIA),
			ways: z.readonly(z.array(z.string())),
			slip: slipShape,
			...hands
		}),
		/** rows of a pattern as cloth, from the row at place `first` of the plan up to, and without, `last` */
		z.object({
			kind: z.literal('cloth'),
			alt: text,
			...rows,
			first: place,
			last: place,
			...hands
		}),
		/** rows of a pattern as a chart, from the edge at which a hand begins */
		z.object({
			kind: z.literal('chart'),
			alt: text,
			...rows,
			first: place,
			last: place,
			...hands
		}),
		/** one sign of a chart: a kind of box, or the symbol of a crossing */
		z.object({
			kind: z.literal('sign'),
			alt: text,
			is: z.enum(CELL_SIGNS),
			crossing: z.optional(crossingShape),
			...hands
		}),
		/** a step of finishing */
		z.object({ kind: z.literal('finishing'), alt: text, step: z.enum(DRAWN_STEPS) }),
		/** one row for those who read pictures, from its arrow on */
		z.object({ kind: z.literal('row'), alt: text, ...rows, step: place, ...hands })
	])
);

/** A figure: pictures side by side under one caption. */
const figure = z.object({ kind: z.literal('figure'), pictures: z.array(pictureShape), caption: text });

/** What a section is made of. Texts are CommonMark. */
export const blockShape = z.readonly(
	z.discriminatedUnion('kind', [
		z.object({ kind: z.literal('text'), text }),
		z.object({ kind: z.literal('saying'), text }),
		z.object({ kind: z.literal('list'), items: z.array(text) }),
		z.object({ kind: z.literal('table'), head: z.array(text), rows: z.array(z.array(text)) }),
		figure,
		/** steps in order, each with its picture; words after the last */
		z.object({
			kind: z.literal('steps'),
			steps: z.array(z.object({ picture: pictureShape, says: text, detail: text })),
			after: text
		}),
		/** written rows, each with a label */
		z.object({ kind: z.literal('rows'), rows: z.array(z.object({ label: text, text })) }),
		/** rows as pictures, each with a label and its words */
		z.object({
			kind: z.literal('picture-rows'),
			rows: z.array(z.object({ label: text, picture: pictureShape, says: text }))
		}),
		/** boxes to tick, one for each of `of` */
		z.object({ kind: z.literal('tally'), says: text, boxes: place, of: text }),
		/** room to write, so many lines */
		z.object({ kind: z.literal('room'), lines: place })
	])
);

/** The shape of `pond-loop/handout@1`: what a learner carries home, from which every file of it is made. */
export const handoutShape = z.readonly(
	z.object({
		format: z.literal(HANDOUT_FORMAT),
		title: text,
		/** the teacher's name */
		by: text,
		/** for whom it is, where that is not everybody */
		for: text,
		paper: z.enum(['a4', 'letter']),
		large: z.boolean(),
		/** small pictures, and one sentence a step */
		compact: z.optional(z.boolean()),
		sections: z.array(
			z.object({
				id: text,
				title: text,
				/** it begins a page of its own */
				newPage: z.optional(z.boolean()),
				blocks: z.array(blockShape)
			})
		)
	})
);

export type Handout = z.infer<typeof handoutShape>;
export type Section = Handout['sections'][number];
export type Block = z.infer<typeof blockShape>;
export type Picture = z.infer<typeof pictureShape>;
