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
export const sectionHtml = ({ id, title, blocks }: Section, writing: Writing): string =>
	`<section id="${idOf(id)}"><h2>${escaped(title)}</h2>${blocks.map((block) => blockHtml(block, writing)).join('')}</section>`;

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
			return `<figure><div class="beside">${block.pictures.map((one) => picture(one, writing)).join('')}</div><figcaption>${escaped(block.caption)}</figcaption></figure>`;
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

/** How the sheet looks as a page or a book, in one style sheet without anything from elsewhere. */
export const styleOf = ({ large, paper }: Handout): string => `
@page{size:${paper === 'a4' ? 'A4' : 'letter'};margin:16mm}
body{margin:0 auto;max-width:46rem;padding:1rem;color:#17302f;background:#fff;font:${large ? '1.5rem' : '1.05rem'}/1.5 'Atkinson Hyperlegible Next',sans-serif}
h1,h2,h3{font-family:Literata,serif;line-height:1.2;font-weight:600;break-after:avoid}
h1{font-size:2em;margin:0 0 .2em}h2{font-size:1.4em;margin:1.6em 0 .4em}h3{font-size:1.1em}
header{border-bottom:2px solid #17302f;margin-bottom:1em}
p{margin:.4em 0}ul,ol{padding-left:1.3em}
figure{margin:.8em 0;break-inside:avoid}figcaption{font-size:.92em}
.beside{display:flex;gap:1.2em;align-items:end}.beside svg{flex:0 1 18em;min-width:0}
svg,img{max-width:100%;height:auto;display:block}
.steps{list-style:none;padding:0;display:grid;grid-template-columns:repeat(auto-fill,minmax(${large ? '24rem' : '17rem'},1fr));gap:1em;counter-reset:step}
.steps li{counter-increment:step;break-inside:avoid}
.steps svg{width:100%;border:1px solid #c9d2ca;border-radius:6px;box-sizing:border-box}
.steps p::before{content:counter(step);display:inline-block;min-width:1.4em;margin-right:.5em;border:2px solid #17302f;border-radius:50%;text-align:center;font-weight:700}
.after{font-weight:600}.saying{font:italic 1.15em Literata,serif}
code{font-family:'Atkinson Hyperlegible Mono',monospace}
table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.35em .7em .35em 0;border-bottom:1px solid #c9d2ca}tr{break-inside:avoid}
.tally i{display:inline-block;width:1.05em;height:1.05em;margin:.15em;border:1.5px solid #17302f;border-radius:3px}
.tally i:nth-child(10n){margin-right:.9em}
.room div{height:2.1em;border-bottom:1px solid #9aa8a2}
`;
