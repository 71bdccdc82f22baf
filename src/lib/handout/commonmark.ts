import MarkdownIt from 'markdown-it';
import { PICTURE } from '$lib/text/markdown';

/** A stretch of text in one style. */
export interface TextRun {
	readonly text: string;
	readonly bold: boolean;
	readonly italic: boolean;
	readonly code: boolean;
}

/** CommonMark as a flat row of blocks, for files that are no HTML. */
export type Para =
	| { readonly kind: 'paragraph' | 'heading'; readonly runs: readonly TextRun[] }
	| {
			readonly kind: 'item';
			readonly runs: readonly TextRun[];
			readonly mark: string;
			readonly depth: number;
	  }
	| { readonly kind: 'picture'; readonly src: string; readonly alt: string };

const parser = new MarkdownIt({ html: false, linkify: false, typographer: false });

type Token = ReturnType<typeof parser.parse>[number];

/** The blocks of a text. Pictures that are not the teacher's own come as their words. */
export function parasOf(text: string): Para[] {
	const paras: Para[] = [];
	const lists: { ordered: boolean; next: number }[] = [];
	let heading = false;
	let mark: string | null = null;
	for (const token of parser.parse(text, {})) {
		switch (token.type) {
			case 'bullet_list_open':
			case 'ordered_list_open':
				lists.push({ ordered: token.type.startsWith('ordered'), next: Number(token.attrGet('start') ?? 1) });
				break;
			case 'bullet_list_close':
			case 'ordered_list_close':
				lists.pop();
				break;
			case 'list_item_open': {
				const list = lists.at(-1)!;
				mark = list.ordered ? `${list.next++}.` : '•';
				break;
			}
			case 'heading_open':
				heading = true;
				break;
			case 'heading_close':
				heading = false;
				break;
			case 'code_block':
			case 'fence':
				paras.push({ kind: 'paragraph', runs: [run(token.content.trimEnd(), { code: true })] });
				break;
			case 'inline': {
				const [runs, pictures] = inline(token.children ?? []);
				if (lists.length > 0 && !heading)
					paras.push({ kind: 'item', runs, mark: mark ?? '', depth: lists.length });
				else if (runs.length > 0) paras.push({ kind: heading ? 'heading' : 'paragraph', runs });
				paras.push(...pictures);
				mark = null;
			}
		}
	}
	return paras;
}

const run = (text: string, style: Partial<Omit<TextRun, 'text'>> = {}): TextRun => ({
	text,
	bold: false,
	italic: false,
	code: false,
	...style
});

function inline(tokens: readonly Token[]): [TextRun[], Extract<Para, { kind: 'picture' }>[]] {
	const runs: TextRun[] = [];
	const pictures: Extract<Para, { kind: 'picture' }>[] = [];
	let [bold, italic] = [0, 0];
	const add = (text: string, code = false) =>
		runs.push(run(text, { bold: bold > 0, italic: italic > 0, code }));
	for (const token of tokens) {
		if (token.type === 'strong_open') bold++;
		else if (token.type === 'strong_close') bold--;
		else if (token.type === 'em_open') italic++;
		else if (token.type === 'em_close') italic--;
		else if (token.type === 'code_inline') add(token.content, true);
		else if (token.type === 'softbreak') add(' ');
		else if (token.type === 'hardbreak') add('\n');
		else if (token.type === 'image') {
			const src = String(token.attrGet('src') ?? '');
			if (PICTURE.test(src)) pictures.push({ kind: 'picture', src, alt: token.content });
			else add(token.content);
		} else if (token.content) add(token.content);
	}
	return [runs, pictures];
}

/** A text without its marks. */
export const plainText = (text: string): string =>
	parasOf(text)
		.map((para) => (para.kind === 'picture' ? para.alt : para.runs.map((one) => one.text).join('')))
		.join(' ');
