import { open } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import PDFDocument from 'pdfkit';
import { fontFiles, type Face, type FontFile } from './fonts';
import { PAPER, type Print } from './look';
import { PdfPen } from './pdfPen';
import type { Drawing } from './pictures';
import { breakLines } from './pieces';

type Doc = PDFKit.PDFDocument;
export type Element = PDFKit.PDFStructureElement;

/** A stretch of text in one face. */
export interface FacedRun {
	readonly text: string;
	readonly face: Face;
}

/** Around every page, in points. */
const MARGINS = { usual: 48, large: 48, compact: 34 } as const;
const FOOT = 34;
/** Sizes in points. */
const SIZES = { usual: 11, large: 18, compact: 9 } as const;
const LEADING = 1.32;

/** What every document says of itself; a size as PDFKit names it, lying where it is wider than high. */
export interface PdfHead {
	readonly size: string;
	readonly lying?: boolean;
	readonly title: string;
	readonly by: string;
	/** when it is made, `2026-11-26T19:00:00Z` */
	readonly madeAt: string;
}

/** An empty document whose text is tagged, in English, with its title in the window's head. */
export const taggedPdf = ({ size, lying, title, by, madeAt }: PdfHead): Doc =>
	new PDFDocument({
		size,
		layout: lying ? 'landscape' : 'portrait',
		margin: 0,
		pdfVersion: '1.7',
		tagged: true,
		lang: 'en',
		displayTitle: true,
		autoFirstPage: false,
		info: { Title: title, Author: by, Creator: 'Pond Loop', CreationDate: new Date(madeAt) }
	});

/** Opens the file that a document goes into; gives how to wait until all of it is there. Throws what the system says. */
export async function writingTo(path: string, doc: Doc): Promise<() => Promise<void>> {
	const file = await open(path, 'w');
	const written = pipeline(doc, file.createWriteStream());
	// Whoever waits for it hears what went wrong; until then nobody does.
	written.catch(() => undefined);
	return () => written;
}

/** Pages that are filled from top to bottom, with the structure that readers aloud go by. */
export class Paper {
	readonly size: number;
	/** the left edge of what is written, which is the margin all round */
	readonly left: number;
	y = 0;
	pages = 0;
	#files = new Map<Face, readonly FontFile[]>();
	#registered = new Set<string>();

	constructor(
		readonly doc: Doc,
		readonly print: Print,
		/** what stands at the foot of every page, beside its number */
		readonly foot: string
	) {
		this.size = SIZES[print];
		this.left = MARGINS[print];
		this.newPage();
	}

	get width(): number {
		return this.doc.page.width - 2 * this.left;
	}

	get #bottom(): number {
		return this.doc.page.height - this.left - FOOT;
	}

	/** Room left on this page, in points. */
	get room(): number {
		return this.#bottom - this.y;
	}

	section(parent: Element): Element {
		const section = this.doc.struct('Sect');
		parent.add(section);
		return section;
	}

	newPage(): void {
		this.doc.addPage();
		this.pages += 1;
		this.y = this.left;
		const number = String(this.pages);
		this.#artifact(() => {
			const y = this.doc.page.height - this.left - 4;
			this.#line([{ text: this.foot, face: 'body' }], this.left, y, 9);
			this.#line(
				[{ text: number, face: 'body' }],
				this.left + this.width - this.#widthOf(number, 'body', 9),
				y,
				9
			);
		});
	}

	/** Goes to the next page where less room is left than wanted, and so much can be had. */
	ensure(points: number): void {
		if (points > this.room && this.y > this.left) this.newPage();
	}

	keepWithNext(lines: number): void {
		this.ensure(this.lines(lines));
	}

	readonly lines = (count: number): number => count * this.size * LEADING;

	gap(lines: number): void {
		this.y += this.lines(lines);
	}

	rule(): void {
		this.gap(0.3);
		this.#artifact(() => this.#stroke(`M${this.left} ${this.y}h${this.width}`, PAPER.ink, 1.5));
		this.gap(0.5);
	}

	heading(parent: Element, level: 1 | 2 | 3, text: string): void {
		const scale =
			this.print === 'compact' ? { 1: 1.7, 2: 1.2, 3: 1.05 }[level] : { 1: 2, 2: 1.45, 3: 1.15 }[level];
		if (level > 1) this.gap(this.print === 'compact' ? 0.3 : 0.8);
		this.runs(parent, `H${level}`, [{ text, face: 'heading' }], { scale });
		this.gap(0.2);
	}

	paragraph(parent: Element, type: string, text: string, face: Face): void {
		this.runs(parent, type, [{ text, face }]);
		this.gap(0.3);
	}

	/**
	 * Text that runs over as many lines and pages as it needs; every line is set by itself, so that no face and no page can
	 * break another.
	 */
	runs(
		parent: Element,
		type: string,
		runs: readonly FacedRun[],
		{ x = this.left, width = this.width, scale = 1 }: { x?: number; width?: number; scale?: number } = {}
	): void {
		const size = this.size * scale;
		const element = this.doc.struct(type);
		parent.add(element);
		for (const line of this.broken(runs, width, size)) {
			this.ensure(size * LEADING);
			const y = this.y;
			element.add(this.doc.markStructureContent(type));
			this.#line(line, x, y, size);
			this.doc.endMarkedContent();
			this.y += size * LEADING;
		}
		element.end();
	}

	/** How high text comes out, in points. */
	heightOf(runs: readonly FacedRun[], width: number, scale = 1): number {
		return this.broken(runs, width, this.size * scale).length * this.size * scale * LEADING;
	}

	/** Runs broken into lines that fit a width. */
	broken(runs: readonly FacedRun[], width: number, size: number): FacedRun[][] {
		const lines: FacedRun[][] = [[]];
		let used = 0;
		for (const { text, face } of runs) {
			for (const { word, ends } of breakLines(text)) {
				for (const piece of this.#fitting(word, face, width, size)) {
					const wide = this.#widthOf(piece.trimEnd(), face, size);
					if (used > 0 && used + wide > width) {
						lines.push([]);
						used = 0;
					}
					const line = lines.at(-1)!;
					const before = line.at(-1);
					if (before?.face === face) line[line.length - 1] = { text: before.text + piece, face };
					else line.push({ text: piece, face });
					used += this.#widthOf(piece, face, size);
				}
				if (ends) {
					lines.push([]);
					used = 0;
				}
			}
		}
		return lines;
	}

	/** A drawing with its words for those who cannot see it, so wide and at a place of this page. */
	drawing(
		parent: Element,
		{ width: own, height, paint }: Drawing,
		alt: string,
		x: number,
		y: number,
		width: number
	): void {
		const scale = width / own;
		parent.add(
			this.doc.struct('Figure', { alt }, () => {
				this.doc.save().translate(x, y).scale(scale);
				// Needles and yarn go on beyond the edge.
				this.doc.rect(0, 0, own, height).clip();
				paint(new PdfPen(this.doc, scale, (bold) => this.#named(this.#filesOf(bold ? 'bold' : 'body')[0])));
				this.doc.restore();
			})
		);
	}

	/** A picture of the teacher's. */
	image(parent: Element, bytes: Uint8Array, alt: string, mostHeight: number): void {
		// Known to PDFKit, if not to its types.
		const doc = this.doc as unknown as { openImage(bytes: Buffer): { width: number; height: number } };
		const image = doc.openImage(Buffer.from(bytes));
		const scale = Math.min(this.width / image.width, mostHeight / image.height, 0.75);
		const [width, height] = [image.width * scale, image.height * scale];
		this.ensure(height);
		const y = this.y;
		parent.add(
			this.doc.struct('Figure', { alt }, () => {
				this.doc.image(Buffer.from(bytes), this.left, y, { width, height });
			})
		);
		this.y += height;
		this.gap(0.4);
	}

	/** Lines that are only for the eye. */
	hairline(path: string): void {
		this.#artifact(() => this.#stroke(path, PAPER.hairline, 0.8));
	}

	/** Boxes to tick or a frame, told as one figure. */
	figure(parent: Element, alt: string, path: string): void {
		parent.add(this.doc.struct('Figure', { alt }, () => this.#stroke(path, PAPER.ink, 1)));
	}

	#artifact(paint: () => void): void {
		this.doc.markContent('Artifact', { type: 'Layout' });
		paint();
		this.doc.endMarkedContent();
	}

	#stroke(path: string, colour: string, width: number): void {
		this.doc.save().path(path).lineWidth(width).stroke(colour).restore();
	}

	#line(runs: readonly FacedRun[], x: number, y: number, size: number): void {
		let at = x;
		for (const { text, face } of runs) {
			for (const [file, stretch] of this.#stretches(text, face)) {
				this.doc.font(this.#named(file)).fontSize(size).fillColor(PAPER.ink);
				this.doc.text(stretch, at, y, { lineBreak: false });
				at += this.doc.widthOfString(stretch);
			}
		}
	}

	#widthOf(text: string, face: Face, size: number): number {
		let width = 0;
		for (const [file, stretch] of this.#stretches(text, face))
			width += this.doc.font(this.#named(file)).fontSize(size).widthOfString(stretch);
		return width;
	}

	/** A word that is wider than a line comes in pieces. */
	#fitting(word: string, face: Face, width: number, size: number): string[] {
		if (this.#widthOf(word.trimEnd(), face, size) <= width) return [word];
		const pieces: string[] = [];
		let piece = '';
		for (const character of word) {
			if (piece && this.#widthOf(piece + character, face, size) > width) {
				pieces.push(piece);
				piece = '';
			}
			piece += character;
		}
		return [...pieces, piece];
	}

	/** A text in stretches of one font file each; what no font has is shown as a box. */
	#stretches(text: string, face: Face): [FontFile, string][] {
		const files = this.#filesOf(face);
		const stretches: [FontFile, string][] = [];
		for (const character of text) {
			const code = character.codePointAt(0)!;
			const file = files.find((one) => one.has(code));
			const shown = file ? character : '?';
			const last = stretches.at(-1);
			if (last?.[0] === (file ?? files[0])) last[1] += shown;
			else stretches.push([file ?? files[0], shown]);
		}
		return stretches;
	}

	#filesOf(face: Face): readonly FontFile[] {
		const files = this.#files.get(face) ?? fontFiles(face);
		this.#files.set(face, files);
		return files;
	}

	#named({ name, path }: FontFile): string {
		if (!this.#registered.has(name)) {
			this.doc.registerFont(name, path);
			this.#registered.add(name);
		}
		return name;
	}
}
