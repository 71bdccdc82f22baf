import * as z from 'zod/mini';
import { MEDIA } from '../technique/medium';

export const SWATCH_FORMAT = 'pond-loop/swatch@1';

/** Milliseconds since 1970, as far as dates reach (ECMA-262, 21.4.1.1). */
const momentShape = z.number().check(z.minimum(-8.64e15), z.maximum(8.64e15));
const perTen = z.number().check(z.minimum(1), z.maximum(200));

/** Longest pattern text, in characters. */
export const MOST_SWATCH_TEXT = 200_000;

/**
 * The shape of `pond-loop/swatch@1`: written rows with what they are made for. Lengths are in millimetres, the gauge in
 * stitches and rows for ten centimetres of plain ground. Nothing that follows from the rows is in it.
 */
export const swatchShape = z.readonly(
	z.object({
		format: z.literal(SWATCH_FORMAT),
		title: z.string().check(z.maxLength(200)),
		medium: z.enum(MEDIA),
		text: z.string().check(z.maxLength(MOST_SWATCH_TEXT)),
		/** which of the sizes the rows are written for; the first if none is chosen */
		size: z.optional(z.number().check(z.int(), z.minimum(1), z.maximum(99))),
		/** what is not measured is left out, and assumed */
		gauge: z.optional(z.partial(z.object({ stitches: perTen, rows: perTen }))),
		/** the length it is to have */
		wishedMm: z.optional(z.number().check(z.minimum(1), z.maximum(20_000))),
		/** width of the cable panel beside as much plain ground, measured */
		drawIn: z.optional(z.number().check(z.minimum(0.2), z.maximum(2))),
		/** counters of the piece, by id; the first counts its rows */
		counters: z.readonly(
			z
				.array(
					z.object({
						id: z.string().check(z.minLength(1), z.maxLength(64)),
						name: z.string().check(z.maxLength(60))
					})
				)
				.check(z.minLength(1), z.maxLength(12))
		)
	})
);

export type Swatch = Readonly<z.infer<typeof swatchShape>>;

/** A new swatch around a pattern text. */
export const newSwatch = (title: string, text: string): Swatch => ({
	format: SWATCH_FORMAT,
	title,
	medium: 'hand',
	text,
	counters: [{ id: 'rows', name: 'Rows' }]
});

/** Something done to a counter, as it is sent and kept. */
export const counterEventShape = z.discriminatedUnion('do', [
	z.object({
		id: z.uuid(),
		counter: z.string().check(z.minLength(1), z.maxLength(64)),
		at: momentShape,
		do: z.literal('count'),
		by: z.union([z.literal(1), z.literal(-1)])
	}),
	z.object({
		id: z.uuid(),
		counter: z.string().check(z.minLength(1), z.maxLength(64)),
		at: momentShape,
		do: z.literal('set'),
		row: z.number().check(z.int(), z.minimum(0), z.maximum(100_000))
	})
]);
