import type { Block, Section } from './schema';

/** What is looked up elsewhere, known, or written on, and goes first where pages are few. */
const SPARED = ['room', 'slips', 'words'];

/**
 * The sections of a sheet on as few pages as can be read: nothing to write on, no picture twice, tables of two columns and
 * finishing in words, one sentence a step.
 */
export function compacted(sections: readonly Section[]): Section[] {
	const seen = new Set<string>();
	return sections
		.filter(({ id }) => !SPARED.includes(id))
		.map(({ id, title, blocks }) => ({
			id,
			title,
			blocks: blocks.filter((block) => isNew(block, seen)).flatMap(shortened)
		}))
		.filter(({ blocks }) => !blocks.every(isRowsAlone));
}

/** `Rows 3 to 6.`, which the rows themselves tell. */
const isRowsAlone = (block: Block): boolean => block.kind === 'text' && /^Rows? \d[^\n]*$/.test(block.text);

/** Whether a figure shows a crossing that no figure before it has shown. */
function isNew(block: Block, seen: Set<string>): boolean {
	if (block.kind !== 'figure') return true;
	const shown = block.pictures.map((picture) =>
		picture.kind === 'cross' ? JSON.stringify(picture.crossing) : JSON.stringify(picture)
	);
	const known = shown.every((picture) => seen.has(picture));
	shown.forEach((picture) => seen.add(picture));
	return !known;
}

function shortened(block: Block): Block[] {
	switch (block.kind) {
		case 'room':
		case 'tally':
		case 'picture-rows':
			return [];
		case 'table':
			return block.head.length > 2
				? [block]
				: [{ kind: 'text', text: block.rows.map(([short, said]) => `**${short}** ${said}`).join(' · ') }];
		case 'steps':
			// What is done once, at home, is read; what hands learn is seen.
			return block.steps.every(({ picture }) => picture.kind === 'finishing')
				? [
						{
							kind: 'text',
							text: block.steps.map(({ says, detail }) => `- **${says}** ${detail}`).join('\n')
						}
					]
				: [
						{
							...block,
							steps: block.steps.map((step) => ({ ...step, detail: '' })),
							after: block.after.split('. ')[0].replace(/\.?$/, '.')
						}
					];
		default:
			return [block];
	}
}
