import {
	TONES,
	USUAL_TEXT,
	type LineStyle,
	type Pen,
	type TextStyle,
	type Tone,
	type Tones,
	type Turn,
	type TurningPen
} from './pen';

/** The colours of the theme that a page shows now. */
export function tonesOf(element: Element): Tones {
	const style = getComputedStyle(element);
	return Object.fromEntries(
		Object.entries(TONES).map(([tone, token]) => [tone, style.getPropertyValue(token).trim()])
	) as Record<Tone, string>;
}

const FAMILY = 'Atkinson Hyperlegible Next';

/** Draws on a canvas. */
export class CanvasPen implements Pen {
	readonly #context: CanvasRenderingContext2D;
	readonly #tones: Tones;
	#hatching: CanvasPattern | null = null;

	constructor(context: CanvasRenderingContext2D, tones: Tones) {
		this.#context = context;
		this.#tones = tones;
	}

	fill(path: string, tone: Tone): void {
		this.#context.fillStyle = this.#tones[tone];
		this.#context.fill(new Path2D(path));
	}

	line(path: string, tone: Tone, width: number, style?: LineStyle): void {
		this.#stroke(path, this.#tones[tone], width, style);
	}

	hatch(path: string): void {
		const hatching = this.#hatched();
		if (!hatching) return;
		this.#context.fillStyle = hatching;
		this.#context.fill(new Path2D(path));
	}

	hatchLine(path: string, width: number, style?: LineStyle): void {
		const hatching = this.#hatched();
		if (hatching) this.#stroke(path, hatching, width, style);
	}

	text(x: number, y: number, text: string, style?: TextStyle): void {
		const { size, bold, tone, anchor } = { ...USUAL_TEXT, ...style };
		this.#context.font = `${bold ? 700 : 500} ${size}px '${FAMILY} Variable', sans-serif`;
		this.#context.textAlign = anchor === 'middle' ? 'center' : anchor;
		this.#context.fillStyle = this.#tones[tone];
		this.#context.fillText(text, x, y);
	}

	#stroke(path: string, colour: string | CanvasPattern, width: number, style?: LineStyle): void {
		const context = this.#context;
		context.save();
		context.strokeStyle = colour;
		context.lineWidth = width;
		context.lineCap = context.lineJoin = 'round';
		context.globalAlpha = style?.opacity ?? 1;
		context.setLineDash(style?.dash?.split(' ').map(Number) ?? []);
		context.stroke(new Path2D(path));
		context.restore();
	}

	#hatched(): CanvasPattern | null {
		return (this.#hatching ??= this.#context.createPattern(hatchTile(this.#tones.behind), 'repeat'));
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

/** Writes the same picture as SVG that stands by itself. */
export class SvgPen implements TurningPen {
	readonly #tones: Tones;
	readonly #hatch: string;
	readonly #parts: string[] = [];

	/** @param hatch id of the pattern for what passes behind: its own for each picture of a page */
	constructor(tones: Tones, hatch = 'hatch') {
		this.#tones = tones;
		this.#hatch = hatch;
	}

	fill(path: string, tone: Tone): void {
		if (path) this.#parts.push(`<path d="${short(path)}" fill="${this.#tones[tone]}"/>`);
	}

	line(path: string, tone: Tone, width: number, style?: LineStyle): void {
		this.#stroke(path, this.#tones[tone], width, style);
	}

	hatch(path: string): void {
		this.#parts.push(`<path d="${short(path)}" fill="url(#${this.#hatch})"/>`);
	}

	hatchLine(path: string, width: number, style?: LineStyle): void {
		this.#stroke(path, `url(#${this.#hatch})`, width, style);
	}

	text(x: number, y: number, text: string, style?: TextStyle): void {
		const { size, bold, tone, anchor } = { ...USUAL_TEXT, ...style };
		this.#parts.push(
			`<text x="${tenth(x)}" y="${tenth(y)}" text-anchor="${anchor}" font-size="${tenth(size)}"${bold ? ' font-weight="700"' : ''} fill="${this.#tones[tone]}">${escaped(text)}</text>`
		);
	}

	turned({ x, y, mirrored }: Turn, paint: () => void): void {
		this.#parts.push(`<g transform="translate(${x} ${y})${mirrored ? ' scale(-1 1)' : ''}">`);
		paint();
		this.#parts.push('</g>');
	}

	/** @param alt what the picture shows, for those who cannot see it */
	svg(width: number, height: number, alt: string): string {
		const hatch = `<pattern id="${this.#hatch}" width="${TILE}" height="${TILE}" patternUnits="userSpaceOnUse"><path d="M-1 ${TILE + 1}L${TILE + 1} -1M-1 1L1 -1M${TILE - 1} ${TILE + 1}L${TILE + 1} ${TILE - 1}" stroke="${this.#tones.behind}" stroke-width="1.5"/></pattern>`;
		const body = this.#parts.join('');
		const defs = body.includes(`url(#${this.#hatch})`) ? `<defs>${hatch}</defs>` : '';
		return `<svg xmlns="http://www.w3.org/2000/svg" width="${tenth(width)}" height="${tenth(height)}" viewBox="0 0 ${tenth(width)} ${tenth(height)}" font-family="'${FAMILY}', sans-serif" role="img"><title>${escaped(alt)}</title>${defs}${body}</svg>`;
	}

	#stroke(path: string, colour: string, width: number, { dash, opacity }: LineStyle = {}): void {
		if (!path) return;
		const more = `${dash ? ` stroke-dasharray="${dash}"` : ''}${opacity === undefined ? '' : ` opacity="${opacity}"`}`;
		this.#parts.push(
			`<path d="${short(path)}" fill="none" stroke="${colour}" stroke-width="${tenth(width)}" stroke-linecap="round" stroke-linejoin="round"${more}/>`
		);
	}
}

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;');
const tenth = (n: number) => Number(n.toFixed(1));

/** Path data with a tenth of a pixel. */
const short = (path: string) =>
	path.replace(/-?\d+\.\d{2,}/g, (number) => String(Number(Number(number).toFixed(1))));
