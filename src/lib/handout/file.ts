import { createHash } from 'node:crypto';
import { rename, rm, stat, writeFile } from 'node:fs/promises';
import type { HandoutFile } from '$core/handout/asked';
import type { Handout } from '$core/handout/schema';
import type { OwnPictures } from './blocks';
import { epubOf } from './epub';
import { heldFonts } from './fonts';
import { htmlOf } from './html';
import { markdownOf } from './markdown';
import { writePdf, type Progress } from './pdf';

/** What was written: its size, and its sheets of paper, its documents in a book, or one. */
export interface Written {
	readonly bytes: number;
	readonly pages: number;
}

/**
 * Makes one file of a handout. It is written beside its place and put there whole: whoever is stopped in the middle leaves
 * no half file under its name.
 *
 * @param madeAt when it is made, `2026-11-26T19:00:00Z`
 * @returns `null` when it was stopped
 */
export async function writeHandout(
	path: string,
	as: HandoutFile,
	handout: Handout,
	own: OwnPictures,
	madeAt: string,
	progress: Progress = {}
): Promise<Written | null> {
	const half = `${path}.half`;
	try {
		const pages = await written(half, as, handout, own, madeAt, progress);
		if (progress.stop?.()) return null;
		const { size } = await stat(half);
		await rename(half, path);
		return { bytes: size, pages };
	} finally {
		await rm(half, { force: true });
	}
}

async function written(
	path: string,
	as: HandoutFile,
	handout: Handout,
	own: OwnPictures,
	madeAt: string,
	progress: Progress
): Promise<number> {
	switch (as) {
		case 'pdf':
			return writePdf(path, handout, own, madeAt, progress);
		case 'html':
			await writeFile(path, htmlOf(handout, own, heldFonts()));
			return 1;
		case 'epub': {
			const id = `urn:uuid:${uuidOf(JSON.stringify(handout))}`;
			await writeFile(path, epubOf(handout, own, heldFonts(), { madeAt, id }));
			return handout.sections.length + 1;
		}
		case 'md':
			await writeFile(path, markdownOf(handout));
			return 1;
		case 'json':
			await writeFile(path, `${JSON.stringify(handout, null, '\t')}\n`);
			return 1;
	}
}

/** A UUID from a text, always the same for the same (RFC 9562, version 8). */
function uuidOf(text: string): string {
	const hex = createHash('sha256').update(text).digest('hex');
	return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
