import type { Block, Handout, Picture, Section } from '$core/handout/schema';
import { markdownWith } from '$lib/text/markdown';
import { svgOf } from './pictures';

/** A picture of the teacher's, as it is kept. */
export interface OwnPicture {
	readonly bytes: Uint8Array;
	readonly type: string;
}

/** Finds a picture of the teacher's by its address; `null` where there is none. */
export type OwnPictures = (src: string) => OwnPicture | null;

/** What blocks are written with: how the file holds the teacher's pictures, and names for drawings. */
export interface Writing {
	/** the address that a picture of the teacher's has in the file; `null` shows its words instead */
	readonly srcOf: (src: string) => string | null;
	/** an id that no other drawing of the file has */
	readonly nextId: () => string;
}

export const escaped = (text: string): string =>
	text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/** A section as XHTML. */
export const sectionHtml = ({ id, title, newPage, blocks }: Section, writing: Writing): string =>
	`<section id="${idOf(id)}"${newPage ? ' class="own"' : ''}><h2>${escaped(title)}</h2>${blocks.map((block) => blockHtml(block, writing)).join('')}</section>`;

/** An id that XML takes, whatever a lesson calls its parts. */
export const idOf = (id: string): string =>
	`s-${id.replace(/[^\w-]/g, (c) => `_${c.codePointAt(0)!.toString(16)}`)}`;

function blockHtml(block: Block, writing: Writing): string {
	switch (block.kind) {
		case 'text':
			return `<div class="text">${commonmark(block.text, writing)}</div>`;
		case 'saying':
			return `<p class="saying">“${escaped(block.text)}”</p>`;
		case 'list':
			return `<ul>${block.items.map((item) => `<li>${escaped(item)}</li>`).join('')}</ul>`;
		case 'table':
			return `<table><thead><tr>${block.head.map((cell) => `<th scope="col">${escaped(cell)}</th>`).join('')}</tr></thead><tbody>${block.rows
				.map((row) => `<tr>${row.map((cell) => `<td>${escaped(cell)}</td>`).join('')}</tr>`)
				.join('')}</tbody></table>`;
		case 'figure':
			return `<figure><div class="${block.pictures[0]?.kind === 'chart' ? 'wide' : 'beside'}">${block.pictures.map((one) => picture(one, writing)).join('')}</div><figcaption>${escaped(block.caption)}</figcaption></figure>`;
		case 'steps':
			return `<ol class="steps">${block.steps
				.map(
					(step) =>
						`<li>${picture(step.picture, writing)}<p><strong>${escaped(step.says)}</strong> ${escaped(step.detail)}</p></li>`
				)
				.join('')}</ol><p class="after">${escaped(block.after)}</p>`;
		case 'rows':
			return `<div class="rows">${block.rows
				.map(
					({ label, text }) =>
						`<p>${label ? `<b>${escaped(label)}:</b> ` : ''}<code>${escaped(text)}</code></p>`
				)
				.join('')}</div>`;
		case 'picture-rows':
			return block.rows
				.map(
					(row) =>
						`<figure class="row">${picture(row.picture, writing)}<figcaption><b>${escaped(row.label)}.</b> ${escaped(row.says)}</figcaption></figure>`
				)
				.join('');
		case 'tally':
			return `<p>${escaped(block.says)}</p><p class="tally" role="img" aria-label="${block.boxes} boxes to tick, one for each ${escaped(block.of)}">${Array.from({ length: block.boxes }, () => '<i></i>').join('')}</p>`;
		case 'room':
			return `<div class="room">${Array.from({ length: block.lines }, () => '<div></div>').join('')}</div>`;
	}
}

const picture = (of: Picture, { nextId }: Writing): string => svgOf(of, nextId());

function commonmark(text: string, { srcOf }: Writing): string {
	const markdown = markdownWith(srcOf);
	// A sheet stands by itself: links are read, not followed.
	markdown.renderer.rules.link_open = () => '<u>';
	markdown.renderer.rules.link_close = () => '</u>';
	return markdown.render(text);
}

/** Who made it and for whom. */
export const byline = ({ by, for: whom }: Handout): string => [by, whom].filter(Boolean).join(' · ');
