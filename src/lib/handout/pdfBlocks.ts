import type { Block, Picture } from '$core/handout/schema';
import type { OwnPictures } from './blocks';
import { parasOf, type Para, type TextRun } from './commonmark';
import type { Face } from './fonts';
import type { Element, FacedRun, Paper } from './pdfPaper';
import { drawingOf } from './pictures';

/**
 * The most that a drawing takes, in points: how high it is, how wide side by side and alone; cloth of many stitches wants to
 * be wider. Steps come in so many columns, each so high: in large print two on a page.
 */
const MOST = {
	usual: { height: 320, beside: 180, alone: 210, cloth: 420, columns: 2, step: 320 },
	large: { height: 320, beside: 180, alone: 210, cloth: 420, columns: 1, step: 205 },
	compact: { height: 84, beside: 96, alone: 96, cloth: 200, columns: 6, step: 90 }
} as const;
/** Swatches side by side are at most so high. */
const MOST_SWATCHES = 200;
const GUTTER = 18;
const BOX = 14;
const BOX_GAP = 6;
const TEN = 10;

const faceOf = ({ bold, italic, code }: TextRun): Face =>
	code ? 'rows' : bold ? 'bold' : italic ? 'italic' : 'body';
const faced = (runs: readonly TextRun[]): FacedRun[] =>
	runs.map((run) => ({ text: run.text, face: faceOf(run) }));
const plain = (text: string, face: Face = 'body'): FacedRun[] => [{ text, face }];

/** Sets the blocks of a handout, one under the other. */
export class BlockSetter {
	readonly #paper: Paper;
	readonly #own: OwnPictures;

	constructor(paper: Paper, own: OwnPictures) {
		this.#paper = paper;
		this.#own = own;
	}

	block(parent: Element, block: Block): void {
		const paper = this.#paper;
		switch (block.kind) {
			case 'text':
				return this.#text(parent, parasOf(block.text));
			case 'saying':
				return paper.paragraph(parent, 'BlockQuote', `“${block.text}”`, 'saying');
			case 'list':
				return this.#list(parent, block.items);
			case 'table':
				return this.#table(parent, block.head, block.rows);
			case 'figure':
				return this.#figure(parent, block.pictures, block.caption);
			case 'steps':
				return this.#steps(parent, block);
			case 'rows':
				return block.rows.forEach(({ label, text }) => {
					paper.runs(parent, 'P', [...(label ? plain(`${label}: `, 'bold') : []), ...plain(text, 'rows')]);
					paper.gap(0.2);
				});
			case 'picture-rows':
				return block.rows.forEach((row) => this.#pictureRow(parent, row));
			case 'tally':
				return this.#tally(parent, block);
			case 'room':
				return this.#room(block.lines);
		}
	}

	/** Paragraphs in a row; items that stand together are one list. */
	#text(parent: Element, paras: readonly Para[]): void {
		let list: Element | null = null;
		for (const para of paras) {
			if (para.kind === 'item') {
				if (!list) parent.add((list = this.#paper.doc.struct('L')));
				this.#item(list, para.mark, faced(para.runs), para.depth);
				continue;
			}
			list?.end();
			list = null;
			this.#para(parent, para);
		}
		list?.end();
	}

	#para(parent: Element, para: Exclude<Para, { kind: 'item' }>): void {
		const paper = this.#paper;
		if (para.kind === 'picture') {
			const picture = this.#own(para.src);
			// Paper takes what a camera and a screen make; other kinds are told in their words.
			if (picture && /jpeg|png/.test(picture.type))
				paper.image(parent, picture.bytes, para.alt, MOST[paper.print].height);
			else if (para.alt) paper.paragraph(parent, 'P', para.alt, 'italic');
			return;
		}
		if (para.kind === 'heading') return paper.heading(parent, 3, para.runs.map(({ text }) => text).join(''));
		paper.runs(parent, 'P', faced(para.runs));
		paper.gap(0.3);
	}

	#list(parent: Element, items: readonly string[]): void {
		const list = this.#paper.doc.struct('L');
		parent.add(list);
		for (const item of items) this.#item(list, '•', plain(item), 1);
		list.end();
		this.#paper.gap(0.2);
	}

	#item(list: Element, mark: string, runs: readonly FacedRun[], depth: number): void {
		const paper = this.#paper;
		const indent = depth * paper.size * 1.4;
		const item = paper.doc.struct('LI');
		list.add(item);
		paper.runs(item, 'P', [...plain(`${mark} `), ...runs], {
			x: paper.left + indent - paper.size,
			width: paper.width - indent
		});
		item.end();
		paper.gap(0.12);
	}

	#table(parent: Element, head: readonly string[], rows: readonly (readonly string[])[]): void {
		const paper = this.#paper;
		const shares = sharesOf(head, rows);
		const usable = paper.width - GUTTER * (head.length - 1);
		const widths = shares.map((share) => share * usable);
		const table = paper.doc.struct('Table');
		parent.add(table);
		const row = (cells: readonly string[], kind: 'TH' | 'TD') => {
			const runs = cells.map((cell) => plain(cell, kind === 'TH' ? 'bold' : 'body'));
			const height = Math.max(...runs.map((one, i) => paper.heightOf(one, widths[i])));
			// A head does not stand alone.
			paper.ensure(height + paper.lines(kind === 'TH' ? 3 : 0.5));
			const line = paper.doc.struct('TR');
			table.add(line);
			const top = paper.y;
			let x = paper.left;
			runs.forEach((one, i) => {
				paper.y = top;
				const cell = paper.doc.struct(kind);
				line.add(cell);
				paper.runs(cell, 'P', one, { x, width: widths[i] });
				cell.end();
				x += widths[i] + GUTTER;
			});
			line.end();
			paper.y = top + height + paper.lines(0.2);
			paper.hairline(`M${paper.left} ${paper.y}h${paper.width}`);
			paper.gap(0.2);
		};
		row(head, 'TH');
		rows.forEach((cells) => row(cells, 'TD'));
		table.end();
		paper.gap(0.3);
	}

	/** Pictures beside each other, each as wide as there is room for. */
	#figure(parent: Element, pictures: readonly Picture[], caption: string): void {
		const paper = this.#paper;
		const [first] = pictures;
		const { height, beside, alone: single, cloth } = MOST[paper.print];
		// Two swatches are set beside each other to be seen at one glance, with their heading.
		const highest = pictures.length > 1 && first?.kind === 'cloth' ? Math.min(height, MOST_SWATCHES) : height;
		const alone = first?.kind === 'chart' ? paper.width : first?.kind === 'cloth' ? cloth : single;
		const most = pictures.length > 1 ? beside : alone;
		const each = Math.min(
			most,
			(paper.width - GUTTER * (pictures.length - 1)) / Math.max(1, pictures.length)
		);
		const drawings = pictures.map(drawingOf);
		const sizes = drawings.map(({ width, height }) => fitting(width, height, each, highest));
		const tallest = Math.max(0, ...sizes.map(({ height }) => height));
		paper.ensure(tallest + paper.heightOf(plain(caption), paper.width) + paper.lines(0.5));
		let x = paper.left;
		drawings.forEach((drawing, i) => {
			const { width, height } = sizes[i];
			paper.drawing(parent, drawing, pictures[i].alt, x, paper.y + tallest - height, width);
			x += width + GUTTER;
		});
		paper.y += tallest;
		paper.gap(0.25);
		paper.paragraph(parent, 'Caption', caption, 'body');
		paper.gap(0.2);
	}

	/** Steps in columns, in one where print is large: each picture with its number and words below it. */
	#steps(parent: Element, { steps, after }: Extract<Block, { kind: 'steps' }>): void {
		const paper = this.#paper;
		const { columns, step: most } = MOST[paper.print];
		const width = (paper.width - GUTTER * (columns - 1)) / columns;
		const list = paper.doc.struct('L');
		parent.add(list);
		for (let i = 0; i < steps.length; i += columns) {
			const row = steps.slice(i, i + columns).map(({ picture, says, detail }, j) => {
				const drawing = drawingOf(picture);
				const size = fitting(drawing.width, drawing.height, width, most);
				const words = [...plain(`${i + j + 1}. ${says} `, 'bold'), ...plain(detail)];
				return { drawing, picture, size, words, height: size.height + paper.heightOf(words, width) };
			});
			const tallest = Math.max(...row.map(({ height }) => height)) + paper.lines(0.3);
			paper.ensure(tallest);
			const top = paper.y;
			row.forEach(({ drawing, picture, size, words }, j) => {
				const x = paper.left + j * (width + GUTTER);
				const item = paper.doc.struct('LI');
				list.add(item);
				const body = paper.doc.struct('LBody');
				item.add(body);
				paper.drawing(body, drawing, picture.alt, x, top, size.width);
				paper.hairline(`M${x} ${top}h${size.width}v${size.height}h${-size.width}Z`);
				paper.y = top + size.height + paper.lines(0.2);
				paper.runs(body, 'P', words, { x, width });
				body.end();
				item.end();
			});
			paper.y = top + tallest;
			paper.gap(0.5);
		}
		list.end();
		if (after) paper.paragraph(parent, 'P', after, 'bold');
	}

	#pictureRow(
		parent: Element,
		{ label, picture, says }: Extract<Block, { kind: 'picture-rows' }>['rows'][number]
	): void {
		const paper = this.#paper;
		const drawing = drawingOf(picture);
		const { width, height } = fitting(
			drawing.width,
			drawing.height,
			paper.width,
			MOST[paper.print].height,
			0.75
		);
		const words = [...plain(`${label}. `, 'bold'), ...plain(says)];
		paper.ensure(height + paper.heightOf(words, paper.width));
		paper.drawing(parent, drawing, picture.alt, paper.left, paper.y, width);
		paper.y += height;
		paper.gap(0.1);
		paper.runs(parent, 'P', words);
		paper.gap(0.4);
	}

	#tally(parent: Element, { says, boxes, of }: Extract<Block, { kind: 'tally' }>): void {
		const paper = this.#paper;
		paper.paragraph(parent, 'P', says, 'body');
		const tens = Math.max(1, Math.floor(paper.width / (TEN * (BOX + BOX_GAP) + BOX)));
		const perLine = tens * TEN;
		for (let first = 0; first < boxes; first += perLine) {
			paper.ensure(BOX * 1.7);
			let path = '';
			for (let i = 0; i < Math.min(perLine, boxes - first); i++) {
				const x = paper.left + i * (BOX + BOX_GAP) + Math.floor(i / TEN) * BOX;
				path += `M${x} ${paper.y}h${BOX}v${BOX}h${-BOX}Z`;
			}
			const count = Math.min(perLine, boxes - first);
			paper.figure(parent, `${count} boxes to tick, one for each ${of}`, path);
			paper.y += BOX * 1.7;
		}
		paper.gap(0.3);
	}

	#room(lines: number): void {
		const paper = this.#paper;
		for (let i = 0; i < lines; i++) {
			paper.ensure(paper.lines(2));
			paper.gap(1.8);
			paper.hairline(`M${paper.left} ${paper.y}h${paper.width}`);
		}
		paper.gap(0.5);
	}
}

/** A size that fits, in the same proportions; never larger than `most` times the drawing itself. */
function fitting(width: number, height: number, mostWidth: number, mostHeight: number, most = 1.2) {
	const scale = Math.min(mostWidth / width, mostHeight / height, most);
	return { width: width * scale, height: height * scale };
}

/** Columns as wide as their texts are long, within reason; together 1. */
function sharesOf(head: readonly string[], rows: readonly (readonly string[])[]): number[] {
	const weights = head.map((title, i) =>
		Math.sqrt(Math.max(title.length, ...rows.map((row) => row[i]?.length ?? 0)) + 4)
	);
	const sum = weights.reduce((all, weight) => all + weight, 0);
	return weights.map((weight) => weight / sum);
}
