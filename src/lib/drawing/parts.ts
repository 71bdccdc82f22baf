import type { Working } from '$core/fabric/fabric';
import { paintRows, TONES, type Pen, type Size, type Stretch, type Tone, type View } from './swatch';

/** A path of a drawing in the page, in the colours of its theme. */
export interface Part {
	readonly d: string;
	readonly fill?: string;
	readonly stroke?: string;
	readonly width?: number;
}

/**
 * A stretch of cloth as paths for an SVG in the page.
 *
 * @param hatch id of the pattern for what passes behind
 */
export function partsOf(working: Working, stretch: Stretch, size: Size, view: View, hatch: string): Part[] {
	const parts: Part[] = [];
	const colour = (tone: Tone) => `var(${TONES[tone]})`;
	const pen: Pen = {
		fill: (d, tone) => parts.push({ d, fill: colour(tone) }),
		line: (d, tone, width) => parts.push({ d, stroke: colour(tone), width }),
		hatch: (d) => parts.push({ d, fill: `url(#${hatch})` }),
		text: () => undefined
	};
	paintRows(pen, working, stretch, size, view);
	return parts;
}
