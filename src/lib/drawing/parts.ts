import type { Working } from '$core/fabric/fabric';
import { TONES, USUAL_TEXT, type Pen, type TextStyle, type Tone } from './pen';
import { paintRows, type Size, type RowStretch, type View } from './swatch';

/** A path of a drawing in the page, in the colours of its theme. */
export interface PaintedPart {
	readonly d: string;
	readonly fill?: string;
	readonly stroke?: string;
	readonly width?: number;
	readonly dash?: string;
	readonly opacity?: number;
}

/**
 * What a painter paints, as paths for an SVG in the page; texts are the page's own.
 *
 * @param hatch id of the pattern for what passes behind
 */
export function paintParts(hatch: string, paint: (pen: Pen) => void): PaintedPart[] {
	const parts: PaintedPart[] = [];
	const colour = (tone: Tone) => `var(${TONES[tone]})`;
	paint({
		fill: (d, tone) => parts.push({ d, fill: colour(tone) }),
		line: (d, tone, width, style) => parts.push({ d, stroke: colour(tone), width, ...style }),
		hatch: (d) => parts.push({ d, fill: `url(#${hatch})` }),
		hatchLine: (d, width, style) => parts.push({ d, stroke: `url(#${hatch})`, width, ...style }),
		text: () => undefined
	});
	return parts;
}

/** A text of a drawing in the page. */
export interface PaintedText extends Required<Omit<TextStyle, 'tone'>> {
	readonly x: number;
	readonly y: number;
	readonly text: string;
}

/** The texts that a painter writes, for a page that shows them as they are. */
export function paintTexts(paint: (pen: Pen) => void): PaintedText[] {
	const texts: PaintedText[] = [];
	const nothing = () => undefined;
	paint({
		fill: nothing,
		line: nothing,
		hatch: nothing,
		hatchLine: nothing,
		text: (x, y, text, style) => texts.push({ ...USUAL_TEXT, ...style, x, y, text })
	});
	return texts;
}

/** A stretch of cloth as paths for an SVG in the page. */
export const partsOf = (
	working: Working,
	stretch: RowStretch,
	size: Size,
	view: View,
	hatch: string
): PaintedPart[] => paintParts(hatch, (pen) => paintRows(pen, working, stretch, size, view));
