import type { Block, Handout } from '$core/handout/schema';
import { byline } from './blocks';

/** The sheet as CommonMark: pictures are told in their words. */
export function markdownOf(handout: Handout): string {
	const parts = [
		`# ${line(handout.title)}`,
		...(byline(handout) ? [line(byline(handout))] : []),
		...handout.sections.flatMap(({ title, blocks }) => [`## ${line(title)}`, ...blocks.map(blockText)])
	];
	return `${parts.join('\n\n')}\n`;
}

function blockText(block: Block): string {
	switch (block.kind) {
		case 'text':
			return block.text.trim();
		case 'saying':
			return `> ${line(block.text)}`;
		case 'list':
			return block.items.map((item) => `- ${line(item)}`).join('\n');
		case 'table':
			return block.rows
				.map(
					(row) =>
						`- ${row
							.map((cell, i) => `*${block.head[i]}:* ${line(cell)}`)
							.filter((_, i) => row[i])
							.join('; ')}`
				)
				.join('\n');
		case 'figure':
			return [...block.pictures.map(({ alt }) => `[Picture: ${line(alt)}]`), line(block.caption)].join(
				'  \n'
			);
		case 'steps':
			return [
				...block.steps.map(({ says, detail }, i) => `${i + 1}. **${line(says)}** ${line(detail)}`),
				'',
				line(block.after)
			].join('\n');
		case 'rows':
			return block.rows
				.map(({ label, text }) => `- ${label ? `**${label}:** ` : ''}\`${text.replaceAll('`', "'")}\``)
				.join('\n');
		case 'picture-rows':
			return block.rows.map(({ label, says }) => `- **${label}:** ${line(says)}`).join('\n');
		case 'tally':
			return `${line(block.says)}\n\n${'☐ '.repeat(block.boxes).trim()}`;
		case 'room':
			return '___';
	}
}

/** Plain text that CommonMark leaves as it is. */
const line = (text: string): string =>
	text
		.replace(/\s+/g, ' ')
		.replace(/[\\`*_[\]<>#|]/g, '\\$&')
		.trim();
