import sharp, { type Metadata } from 'sharp';
import { fault, good, type Result } from '$core/result';
import type { KeptPicture } from './store/pictures';
import { Turns } from './turns';

/** Longer side of a picture that is kept, in pixels. */
const LONGEST = 1_600;
/** Most pixels that are opened: a JPEG is made smaller while it is read, the others come whole into memory. */
const MOST_PIXELS = { jpeg: 60_000_000, png: 24_000_000, webp: 24_000_000 };
export const LARGEST_PICTURE = 16 * 1024 * 1024;

/** Pictures that are opened at once in one process: each takes its size in memory, and a core. */
const turns = new Turns(2, 20, 15_000);
sharp.concurrency(1);
sharp.cache(false);

/**
 * A picture made smaller, turned as its camera says, and stripped of everything else a camera writes: place, time, name.
 * What is see-through stays so, as PNG; the rest becomes JPEG, which every paper and reader knows.
 *
 * @param how with `asItIs`, one that would be kept as large and says nothing else stays byte for byte
 */
export async function madeSmaller(bytes: Buffer, { asItIs = false } = {}): Promise<Result<KeptPicture>> {
	if (bytes.length > LARGEST_PICTURE)
		return fault('size', 'A picture may have up to 16 MB. Choose a smaller one.');
	const back = await turns.take('pictures');
	if (!back) return fault('size', 'Many pictures came at once. Add this one again in a moment.');
	try {
		const read = sharp(bytes, { limitInputPixels: MOST_PIXELS.jpeg });
		const seen = await read.metadata();
		const most = MOST_PIXELS[seen.format as keyof typeof MOST_PIXELS];
		if (!most) return fault('unreadable', NOT_TAKEN);
		if (seen.width * seen.height > most)
			return fault(
				'size',
				`This picture has ${Math.round((seen.width * seen.height) / 1e6)} million pixels; up to ${most / 1e6} million are taken of its kind. Choose a smaller one.`
			);
		const type = seen.hasAlpha ? 'image/png' : 'image/jpeg';
		if (asItIs && saysNothingElse(seen) && `image/${seen.format}` === type)
			return good({ bytes, type, width: seen.width, height: seen.height });
		const drawn = read
			.rotate()
			.resize({ width: LONGEST, height: LONGEST, fit: 'inside', withoutEnlargement: true });
		const { data, info } = await (seen.hasAlpha ? drawn.png() : drawn.jpeg({ quality: 84 })).toBuffer({
			resolveWithObject: true
		});
		return good({ bytes: data, type, width: info.width, height: info.height });
	} catch {
		return fault('unreadable', NOT_TAKEN);
	} finally {
		back();
	}
}

/** Whether a picture holds no more than itself, as one that was made smaller here does. */
const saysNothingElse = ({ width, height, exif, icc, iptc, xmp, orientation, comments }: Metadata): boolean =>
	Math.max(width, height) <= LONGEST && !exif && !icc && !iptc && !xmp && !orientation && !comments?.length;

const NOT_TAKEN = 'This is no picture that can be read here. Choose a JPEG, PNG or WebP file.';
