import { TONES, type Pen, type Tone } from './swatch';

/** The colours of the theme that a page shows now. */
export function tonesOf(element: Element): Record<Tone, string> {
	const style = getComputedStyle(element);
	return Object.fromEntries(
		Object.entries(TONES).map(([tone, token]) => [tone, style.getPropertyValue(token).trim()])
	) as Record<Tone, string>;
}

const NUMBERS = "500 14px 'Atkinson Hyperlegible Next Variable', sans-serif";

/** Draws on a canvas. */
export class CanvasPen implements Pen {
	readonly #context: CanvasRenderingContext2D;
	readonly #tones: Record<Tone, string>;
	#hatching: CanvasPattern | null = null;

	constructor(context: CanvasRenderingContext2D, tones: Record<Tone, string>) {
		this.#context = context;
		this.#tones = tones;
	}

	fill(path: string, tone: Tone): void {
		this.#context.fillStyle = this.#tones[tone];
		this.#context.fill(new Path2D(path));
	}

	line(path: string, tone: Tone, width: number): void {
		this.#context.strokeStyle = this.#tones[tone];
		this.#context.lineWidth = width;
		this.#context.lineCap = 'round';
		this.#context.stroke(new Path2D(path));
	}

	hatch(path: string): void {
		this.#hatching ??= this.#context.createPattern(hatchTile(this.#tones.behind), 'repeat');
		if (!this.#hatching) return;
		this.#context.fillStyle = this.#hatching;
		this.#context.fill(new Path2D(path));
	}

	text(x: number, y: number, text: string): void {
		this.#context.font = NUMBERS;
		this.#context.textAlign = 'center';
		this.#context.fillStyle = this.#tones.ink;
		this.#context.fillText(text, x, y);
	}
}

const TILE = 8;

function hatchTile(colour: string): HTMLCanvasElement {
	const tile = document.createElement('canvas');
	tile.width = tile.height = TILE;
	const context = tile.getContext('2d')!;
	context.strokeStyle = colour;
	context.lineWidth = 1.5;
	context.stroke(
		new Path2D(`M-1 ${TILE + 1}L${TILE + 1} -1M-1 1L1 -1M${TILE - 1} ${TILE + 1}L${TILE + 1} ${TILE - 1}`)
	);
	return tile;
}

/** Writes the same picture as SVG. */
export class SvgPen implements Pen {
	readonly #tones: Record<Tone, string>;
	readonly #parts: string[] = [];

	constructor(tones: Record<Tone, string>) {
		this.#tones = tones;
	}

	fill(path: string, tone: Tone): void {
		if (path) this.#parts.push(`<path d="${short(path)}" fill="${this.#tones[tone]}"/>`);
	}

	line(path: string, tone: Tone, width: number): void {
		if (path)
			this.#parts.push(
				`<path d="${short(path)}" fill="none" stroke="${this.#tones[tone]}" stroke-width="${width}" stroke-linecap="round"/>`
			);
	}

	hatch(path: string): void {
		this.#parts.push(`<path d="${short(path)}" fill="url(#hatch)"/>`);
	}

	text(x: number, y: number, text: string): void {
		this.#parts.push(
			`<text x="${x}" y="${y}" text-anchor="middle" font-size="14" fill="${this.#tones.ink}">${text}</text>`
		);
	}

	svg(width: number, height: number, title: string): string {
		const hatch = `<pattern id="hatch" width="${TILE}" height="${TILE}" patternUnits="userSpaceOnUse"><path d="M-1 ${TILE + 1}L${TILE + 1} -1M-1 1L1 -1M${TILE - 1} ${TILE + 1}L${TILE + 1} ${TILE - 1}" stroke="${this.#tones.behind}" stroke-width="1.5"/></pattern>`;
		return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="'Atkinson Hyperlegible Next', sans-serif"><title>${title.replace(/&/g, '&amp;').replace(/</g, '&lt;')}</title><defs>${hatch}</defs>${this.#parts.join('')}</svg>`;
	}
}

/** Path data with a tenth of a pixel. */
const short = (path: string) =>
	path.replace(/-?\d+\.\d{2,}/g, (number) => String(Number(Number(number).toFixed(1))));
