import type { Block, Handout } from '$core/handout/schema';
import { printOf } from './look';
import { byline, type OwnPictures } from './blocks';
import { BlockSetter } from './pdfBlocks';
import { Paper, taggedPdf, writingTo } from './pdfPaper';

/** How the making of a file goes on: sections done of all; `stop` ends it at the next section. */
export interface Progress {
	onSection?(done: number, all: number): void;
	readonly stop?: () => boolean;
}

/**
 * Writes a handout as a tagged PDF (ISO 32000-1, 14.8) with an outline and text that can be selected. What is written is
 * not kept: memory does not grow with the pages.
 *
 * @param madeAt when it is made, `2026-11-26T19:00:00Z`
 * @returns how many pages it has
 */
export async function writePdf(
	path: string,
	handout: Handout,
	own: OwnPictures,
	madeAt: string,
	progress: Progress = {}
): Promise<number> {
	const size = handout.paper === 'a4' ? 'A4' : 'LETTER';
	const doc = taggedPdf({ size, title: handout.title, by: handout.by, madeAt });
	const written = await writingTo(path, doc);
	const paper = new Paper(doc, printOf(handout), [handout.title, handout.by].filter(Boolean).join(' · '));
	const root = doc.struct('Document');
	doc.addStructure(root);
	const set = new BlockSetter(paper, own);

	const head = paper.section(root);
	paper.heading(head, 1, handout.title);
	if (byline(handout)) paper.paragraph(head, 'P', byline(handout), 'body');
	paper.rule();
	head.end();
	for (const [i, { title, blocks, newPage }] of handout.sections.entries()) {
		if (progress.stop?.()) break;
		const section = paper.section(root);
		if (newPage) paper.newPage();
		paper.keepWithNext(handout.compact ? leadIn(blocks) / 2 : leadIn(blocks));
		doc.outline.addItem(title);
		paper.heading(section, 2, title);
		for (const block of blocks) set.block(section, block);
		section.end();
		progress.onSection?.(i + 1, handout.sections.length);
		// So that what waits to be written does not pile up, and a wish to stop is heard.
		await new Promise((resolve) => setImmediate(resolve));
	}
	root.end();
	doc.end();
	await written();
	return paper.pages;
}

/** Room that a heading wants to have below it, in lines: so that it stands with the first of what it heads. */
function leadIn(blocks: readonly Block[]): number {
	const first = blocks.findIndex(({ kind }) => kind === 'figure' || kind === 'steps');
	const swatches = first >= 0 && blocks[first].kind === 'figure' && blocks[first].pictures.length > 1;
	if (first >= 0 && first <= 3) return (swatches ? 18 : 14) + 2 * first;
	return blocks[0]?.kind === 'table' ? 8 : 4;
}
