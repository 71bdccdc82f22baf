import {
	USUAL_TEXT,
	type LineStyle,
	type TextStyle,
	type Tone,
	type Turn,
	type TurningPen
} from '$lib/drawing/pen';

import { PRINT_TONES } from '$lib/drawing/printTones';

type Doc = PDFKit.PDFDocument;

/** Hatching, in units of the drawing: how far its lines are apart, and how wide they are. */
const TILE = 8;
const LINE = 1.5;

/** Draws straight into a PDF, in the colours of print. */
export class PdfPen implements TurningPen {
	#hatching: PDFKit.PDFTilingPattern | undefined;

	/**
	 * @param scale how large a unit of the drawing is here, in points: patterns do not follow it by themselves
	 * @param fontOf the font that text is set in, as the document knows it
	 */
	constructor(
		readonly doc: Doc,
		readonly scale: number,
		readonly fontOf: (bold: boolean) => string
	) {}

	fill(path: string, tone: Tone): void {
		if (path) this.doc.path(path).fill(PRINT_TONES[tone]);
	}

	line(path: string, tone: Tone, width: number, style?: LineStyle): void {
		this.#stroke(path, PRINT_TONES[tone], width, style);
	}

	hatch(path: string): void {
		if (path) this.doc.path(path).fill(this.#hatched());
	}

	hatchLine(path: string, width: number, style?: LineStyle): void {
		this.#stroke(path, this.#hatched(), width, style);
	}

	text(x: number, y: number, text: string, style?: TextStyle): void {
		const { size, bold, tone, anchor } = { ...USUAL_TEXT, ...style };
		this.doc.font(this.fontOf(bold)).fontSize(size).fillColor(PRINT_TONES[tone]);
		const width = this.doc.widthOfString(text);
		const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
		this.doc.text(text, left, y, { lineBreak: false, baseline: 'alphabetic' });
	}

	turned({ x, y, mirrored }: Turn, paint: () => void): void {
		this.doc.save().translate(x, y);
		if (mirrored) this.doc.scale(-1, 1);
		paint();
		this.doc.restore();
	}

	#stroke(path: string, colour: PDFKit.Mixins.ColorValue, width: number, style: LineStyle = {}): void {
		if (!path) return;
		this.doc.save().lineWidth(width).lineCap('round').lineJoin('round');
		if (style.dash) {
			const [length, space] = style.dash.split(' ').map(Number);
			this.doc.dash(length, { space });
		}
		if (style.opacity !== undefined) this.doc.strokeOpacity(style.opacity);
		this.doc.path(path).stroke(colour);
		this.doc.restore();
	}

	/** Lines that rise to the right: on paper y grows upwards, other than in a drawing. */
	#hatched(): PDFKit.Mixins.ColorValue {
		const [tile, line, edge] = [TILE, LINE, 1].map((n) => n * this.scale);
		this.#hatching ??= this.doc.pattern(
			[0, 0, tile, tile],
			tile,
			tile,
			[
				`${line} w`,
				`${-edge} ${-edge} m ${tile + edge} ${tile + edge} l S`,
				`${-edge} ${tile - edge} m ${edge} ${tile + edge} l S`,
				`${tile - edge} ${-edge} m ${tile + edge} ${edge} l S`
			].join(' ')
		);
		return [this.#hatching, PRINT_TONES.behind];
	}
}
