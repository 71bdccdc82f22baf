import type { Handout } from '$core/handout/schema';
import { byline, escaped, sectionHtml, type OwnPictures } from './blocks';
import { styleOf } from './look';

/** A font that goes into the file. */
export interface HeldFont {
	readonly family: string;
	readonly style: 'normal' | 'italic';
	/** the weights one file holds, as CSS writes them */
	readonly weight: string;
	readonly bytes: Uint8Array;
}

/** One HTML file that holds all it needs, and may ask for nothing. */
export function htmlOf(handout: Handout, own: OwnPictures, fonts: readonly HeldFont[]): string {
	let count = 0;
	const writing = {
		nextId: () => `h${++count}`,
		srcOf: (src: string) => {
			const picture = own(src);
			return picture && dataUri(picture.type, picture.bytes);
		}
	};
	const faces = fonts
		.map(
			({ family, style, weight, bytes }) =>
				`@font-face{font-family:'${family}';font-style:${style};font-weight:${weight};src:url(${dataUri('font/woff2', bytes)}) format('woff2')}`
		)
		.join('');
	const sections = handout.sections.map((section) => sectionHtml(section, writing)).join('\n');
	return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"/>
<meta name="viewport" content="width=device-width,initial-scale=1"/>
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:"/>
<title>${escaped(handout.title)}</title>
${handout.by ? `<meta name="author" content="${escaped(handout.by)}"/>` : ''}
<style>${faces}${styleOf(handout)}</style>
</head>
<body>
<main>
<header><h1>${escaped(handout.title)}</h1><p>${escaped(byline(handout))}</p></header>
${sections}
</main>
</body>
</html>
`;
}

function dataUri(type: string, bytes: Uint8Array): string {
	let text = '';
	// In pieces: a call takes only so many arguments.
	for (let i = 0; i < bytes.length; i += 8_192) text += String.fromCharCode(...bytes.subarray(i, i + 8_192));
	return `data:${type};base64,${btoa(text)}`;
}
