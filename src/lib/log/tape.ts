import { keptInBrowser } from '$lib/client/storage';
import * as z from 'zod/mini';
import { MM_PER } from '$core/hands/voice';

/** How large a millimetre is on this screen, where nobody has said: what a browser takes a millimetre for. */
export const USUAL_PX_PER_MM = 96 / MM_PER.in;
/** The long side of any bank card, which everyone has to set a screen by (ISO/IEC 7810, ID-1). */
export const CARD_MM = 85.6;
/** Screens lie between these, whatever they take a millimetre for. */
export const PX_PER_MM = { least: 1.5, most: 12 } as const;

const KEY = 'pond-loop:tape';
const shape = z.number().check(z.minimum(PX_PER_MM.least), z.maximum(PX_PER_MM.most));

/** Pixels for a millimetre on this screen, as it was last set. */
export function pxPerMm(): number {
	const kept = shape.safeParse(Number(localStorage.getItem(KEY) ?? NaN));
	return kept.success ? kept.data : USUAL_PX_PER_MM;
}

/** Keeps how large a millimetre is on this screen. */
export const keepPxPerMm = (px: number): void => void keptInBrowser(KEY, String(px));

/** A mark of a tape: where it lies in millimetres, how long it is, and the number at it. */
export interface Mark {
	readonly mm: number;
	readonly length: 'long' | 'middle' | 'short';
	readonly says?: string;
}

/** Parts that a unit is marked in. */
export const PARTS: Readonly<Record<'cm' | 'in', number>> = { cm: 10, in: 8 };

/** The marks of a tape so long, in centimetres or in inches with their eighths. */
export function marksOf(lengthMm: number, units: 'cm' | 'in'): Mark[] {
	const [unit, parts] = [MM_PER[units], PARTS[units]];
	return Array.from({ length: Math.floor((lengthMm / unit) * parts) + 1 }, (_, n): Mark => {
		const mm = (n * unit) / parts;
		if (n % parts === 0) return { mm, length: 'long', says: String(n / parts) };
		return { mm, length: n % (parts / 2) === 0 ? 'middle' : 'short' };
	});
}
