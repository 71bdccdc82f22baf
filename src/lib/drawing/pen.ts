/** Colours by the names of their tokens. */
export const TONES = {
	ground: '--ground',
	'ground-line': '--ground-line',
	rope: '--rope',
	'second-yarn': '--second-yarn',
	'third-yarn': '--third-yarn',
	wool: '--wool',
	'wool-edge': '--wool-edge',
	front: '--front',
	'front-soft': '--front-fill',
	'on-front': '--on-front',
	behind: '--behind',
	'behind-soft': '--behind-fill',
	wood: '--wood',
	'wood-edge': '--wood-edge',
	steel: '--steel',
	'steel-edge': '--steel-edge',
	working: '--working',
	'working-edge': '--working-edge',
	halo: '--halo',
	'band-behind': '--band-behind',
	'band-mid': '--band-mid',
	'band-front': '--band-front',
	ink: '--color-base-content'
} as const;
export type Tone = keyof typeof TONES;
export type Tones = Readonly<Record<Tone, string>>;

export interface LineStyle {
	/** as SVG writes it, `5 4` */
	readonly dash?: string;
	readonly opacity?: number;
}

export interface TextStyle {
	readonly size?: number;
	readonly bold?: boolean;
	readonly tone?: Tone;
	readonly anchor?: 'start' | 'middle' | 'end';
}

/** Text of a drawing that says nothing else. */
export const USUAL_TEXT = { size: 14, bold: false, tone: 'ink', anchor: 'middle' } as const;

/** What a picture is drawn with: path data in the colours of the drawing tokens. Lines have round ends. */
export interface Pen {
	fill(path: string, colour: Tone): void;
	line(path: string, colour: Tone, width: number, style?: LineStyle): void;
	/** what passes behind, over a fill */
	hatch(path: string): void;
	/** the same over a line */
	hatchLine(path: string, width: number, style?: LineStyle): void;
	text(x: number, y: number, text: string, style?: TextStyle): void;
}

/** How what is painted lies: moved by so much, and, first, mirrored left to right. */
export interface Turn {
	readonly x: number;
	readonly y: number;
	readonly mirrored?: boolean;
}

/** A pen that can also paint something moved or mirrored. */
export interface TurningPen extends Pen {
	turned(turn: Turn, paint: () => void): void;
}

export const circle = (x: number, y: number, r: number): string =>
	`M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;

export const rectangle = (x: number, y: number, width: number, height: number): string =>
	`M${x} ${y}h${width}v${height}h${-width}Z`;

export const rounded = (x: number, y: number, width: number, height: number, r: number): string =>
	`M${x + r} ${y}h${width - 2 * r}a${r} ${r} 0 0 1 ${r} ${r}v${height - 2 * r}a${r} ${r} 0 0 1 ${-r} ${r}h${2 * r - width}a${r} ${r} 0 0 1 ${-r} ${-r}v${2 * r - height}a${r} ${r} 0 0 1 ${r} ${-r}Z`;
