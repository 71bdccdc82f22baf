import sharp from 'sharp';
import { fault, good, type Result } from '$core/result';
import type { Picture } from './store/pictures';

/** Longer side of a picture that is kept, in pixels; and the most that is opened at all. */
const LONGEST = 1_600;
const MOST_PIXELS = 60_000_000;
export const LARGEST_PICTURE = 16 * 1024 * 1024;
const TAKEN = ['jpeg', 'png', 'webp'];

/**
 * A picture made smaller, turned as its camera says, and stripped of everything else a camera writes: place, time, name.
 * What is see-through stays so, as PNG; the rest becomes JPEG, which every paper and reader knows.
 */
export async function madeSmaller(bytes: Buffer): Promise<Result<Picture>> {
	if (bytes.length > LARGEST_PICTURE)
		return fault('size', 'A picture may have up to 16 MB. Choose a smaller one.');
	try {
		const read = sharp(bytes, { limitInputPixels: MOST_PIXELS });
		const { format, hasAlpha } = await read.metadata();
		if (!TAKEN.includes(format)) return fault('unreadable', NOT_TAKEN);
		const drawn = read
			.rotate()
			.resize({ width: LONGEST, height: LONGEST, fit: 'inside', withoutEnlargement: true });
		const { data, info } = await (hasAlpha ? drawn.png() : drawn.jpeg({ quality: 84 })).toBuffer({
			resolveWithObject: true
		});
		const { width, height } = info;
		return good({ bytes: data, type: hasAlpha ? 'image/png' : 'image/jpeg', width, height });
	} catch {
		return fault('unreadable', NOT_TAKEN);
	}
}

const NOT_TAKEN = 'This is no picture that can be read here. Choose a JPEG, PNG or WebP file.';
