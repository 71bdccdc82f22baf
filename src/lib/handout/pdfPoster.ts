import type { Poster } from '$core/handout/poster';
import { Paper, taggedPdf, writingTo } from './pdfPaper';
import { drawingOf, type Drawing } from './pictures';

/** Papers for the wall, twice as large as those for the hand. */
const WALL_PAPER = { a4: 'A3', letter: 'TABLOID' } as const;
const GUTTER = 20;
/** Room for the words below a step, in lines. */
const WORD_LINES = 3.4;
/** Words for a wall are read from further away. */
const WALL_SCALE = 1.45;
const CLOTH_HEIGHT = 120;

/** Writes one crossing as one large page, all of its steps on it. */
export async function writePoster(path: string, poster: Poster, madeAt: string): Promise<number> {
	const doc = taggedPdf({
		size: WALL_PAPER[poster.paper],
		lying: true,
		title: poster.title,
		by: poster.by,
		madeAt
	});
	const written = await writingTo(path, doc);
	const paper = new Paper(doc, 'usual', [poster.title, poster.by].filter(Boolean).join(' · '));
	const root = doc.struct('Document');
	doc.addStructure(root);

	const cloth = poster.cloth.map(drawingOf);
	const widths = cloth.map(({ width, height }) => (width * CLOTH_HEIGHT) / height);
	const clothWidth = widths.reduce((sum, width) => sum + width + GUTTER, 0);
	const top = paper.y;
	const text = { width: paper.width - clothWidth };
	paper.runs(root, 'H1', [{ text: poster.title, face: 'heading' }], { ...text, scale: 3.4 });
	for (const line of poster.says)
		paper.runs(root, 'P', [{ text: line, face: 'body' }], { ...text, scale: 1.35 });
	const below = paper.y;
	let x = paper.left + paper.width - clothWidth + GUTTER;
	cloth.forEach((drawing, i) => {
		paper.drawing(root, drawing, poster.cloth[i].alt, x, top, widths[i]);
		x += widths[i] + GUTTER;
	});
	paper.y = Math.max(below, top + CLOTH_HEIGHT) + GUTTER;

	const steps = poster.steps.steps.map((step) => ({ ...step, drawing: drawingOf(step.picture) }));
	const { columns, width, height } = gridOf(
		steps.map(({ drawing }) => drawing),
		paper
	);
	const rowHeight = height + paper.lines(WORD_LINES);
	const list = doc.struct('L');
	root.add(list);
	const first = paper.y;
	steps.forEach(({ drawing, picture, says }, i) => {
		const left = paper.left + (i % columns) * (width + GUTTER);
		const high = first + Math.floor(i / columns) * rowHeight;
		const item = doc.struct('LI');
		list.add(item);
		paper.drawing(item, drawing, picture.alt, left, high, width);
		paper.hairline(`M${left} ${high}h${width}v${height}h${-width}Z`);
		paper.y = high + height + paper.lines(0.25);
		paper.runs(item, 'P', [{ text: `${i + 1}. ${says}`, face: 'bold' }], {
			x: left,
			width,
			scale: WALL_SCALE
		});
		item.end();
	});
	list.end();
	root.end();
	doc.end();
	await written();
	return paper.pages;
}

/** As many columns as make the pictures largest while all rows stay on the page. */
function gridOf(
	drawings: readonly Drawing[],
	paper: Paper
): { columns: number; width: number; height: number } {
	const shape = drawings[0].height / drawings[0].width;
	const grids = [2, 3, 4, 5, 6, 7, 8].map((columns) => {
		const rows = Math.ceil(drawings.length / columns);
		const wide = (paper.width - GUTTER * (columns - 1)) / columns;
		const high = paper.room / rows - paper.lines(WORD_LINES);
		const width = Math.min(wide, high / shape);
		return { columns, width, height: width * shape };
	});
	return grids.reduce((best, grid) => (grid.width > best.width ? grid : best));
}
