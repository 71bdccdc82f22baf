import type { Lesson } from '$core/lesson/lesson';
import { renderMarkdown } from '$lib/text/markdown';
import { inThread } from './thread';

/** The text of every part that has one, by the part's id. */
export type Texts = Readonly<Record<string, string>>;

/** So many characters are made HTML in the server's own thread; more of them in another. */
const HERE = 20_000;
const LIMITS = { mostMb: 256, mostMs: 10_000 };

export const asHtml = (texts: Texts): Texts =>
	Object.fromEntries(Object.entries(texts).map(([id, text]) => [id, renderMarkdown(text)]));

/** The texts of a lesson as HTML. */
export async function renderedTexts(lesson: Lesson): Promise<Texts> {
	const texts = Object.fromEntries(
		lesson.parts.flatMap(({ id, text }) => (text ? [[id, text] as const] : []))
	);
	const size = Object.values(texts).reduce((sum, text) => sum + text.length, 0);
	if (size <= HERE) return asHtml(texts);
	const end = await inThread<Texts, never, Texts>('textsWorker', texts, LIMITS).ended;
	if (end.how !== 'done') throw new Error(`the texts of a lesson were not made HTML: ${end.how}`);
	return end.done;
}

/** Texts whose pictures are looked for where somebody else than their teacher may. */
export const ownPictures = (texts: Texts, at: string): Texts =>
	Object.fromEntries(
		Object.entries(texts).map(([id, html]) => [id, html.replaceAll('src="/pictures/', `src="${at}/`)])
	);
