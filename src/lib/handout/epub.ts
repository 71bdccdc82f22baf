import { zipSync, type Zippable } from 'fflate';
import type { Handout } from '$core/handout/schema';
import { byline, escaped, idOf, sectionHtml, type OwnPictures } from './blocks';
import { styleOf } from './look';
import type { HeldFont } from './html';

const bytesOf = (text: string) => new TextEncoder().encode(text);
/** A fixed day: the same sheet makes the same bytes. */
const DAY = '1980-01-01T00:00:00';

/**
 * An EPUB 3 book (W3C EPUB 3.3): one document for each section, with its navigation.
 *
 * @param madeAt when it is made, `2026-11-26T19:00:00Z`; @param id its own, as a URN
 */
export function epubOf(
	handout: Handout,
	own: OwnPictures,
	fonts: readonly HeldFont[],
	{ madeAt, id }: { madeAt: string; id: string }
): Uint8Array {
	const held: Record<string, Uint8Array> = {};
	const items: string[] = [];
	const put = (path: string, type: string, bytes: Uint8Array, more = '') => {
		held[`OEBPS/${path}`] = bytes;
		items.push(`<item id="${path.replace(/\W/g, '-')}" href="${path}" media-type="${type}"${more}/>`);
	};
	const pictureName = (src: string): string | null => {
		const picture = own(src);
		if (!picture) return null;
		const path = `pictures/${src.split('/').at(-1)}.${picture.type.split('/')[1]}`;
		if (!held[`OEBPS/${path}`]) put(path, picture.type, picture.bytes);
		return path;
	};

	const faces = fonts.map(({ family, style, weight, bytes }, i) => {
		const path = `fonts/f${i}.woff2`;
		put(path, 'font/woff2', bytes);
		return `@font-face{font-family:'${family}';font-style:${style};font-weight:${weight};src:url(${path})}`;
	});
	put('sheet.css', 'text/css', bytesOf(faces.join('') + styleOf(handout)));
	const documents = handout.sections.map((section) => {
		let count = 0;
		const body = sectionHtml(section, { nextId: () => `h${++count}`, srcOf: pictureName });
		const path = `${idOf(section.id)}.xhtml`;
		put(
			path,
			'application/xhtml+xml',
			bytesOf(page(section.title, body)),
			count > 0 ? ' properties="svg"' : ''
		);
		return { path, title: section.title };
	});
	const title = `<header><h1>${escaped(handout.title)}</h1><p>${escaped(byline(handout))}</p></header>`;
	const contents = documents
		.map((one) => `<li><a href="${one.path}">${escaped(one.title)}</a></li>`)
		.join('');
	const nav = `${title}<nav epub:type="toc" id="toc"><h2>What is in it</h2><ol>${contents}</ol></nav>`;
	put('nav.xhtml', 'application/xhtml+xml', bytesOf(page(handout.title, nav)), ' properties="nav"');

	const spine = ['nav.xhtml', ...documents.map(({ path }) => path)]
		.map((path) => `<itemref idref="${path.replace(/\W/g, '-')}"/>`)
		.join('');
	held['OEBPS/package.opf'] = bytesOf(`<?xml version="1.0" encoding="UTF-8"?>
<package xmlns="http://www.idpf.org/2007/opf" version="3.0" unique-identifier="id" xml:lang="en">
<metadata xmlns:dc="http://purl.org/dc/elements/1.1/">
<dc:identifier id="id">${escaped(id)}</dc:identifier><dc:title>${escaped(handout.title)}</dc:title><dc:language>en</dc:language>
${handout.by ? `<dc:creator>${escaped(handout.by)}</dc:creator>` : ''}
<meta property="dcterms:modified">${madeAt}</meta>
<meta property="schema:accessMode">textual</meta><meta property="schema:accessMode">visual</meta>
<meta property="schema:accessModeSufficient">textual</meta>
<meta property="schema:accessibilityFeature">alternativeText</meta><meta property="schema:accessibilityFeature">structuralNavigation</meta>
<meta property="schema:accessibilityHazard">none</meta>
</metadata>
<manifest>${items.join('')}</manifest>
<spine>${spine}</spine>
</package>`);
	const files: Zippable = {
		// First, and as it is: that is how a reader knows what it has.
		mimetype: [bytesOf('application/epub+zip'), { level: 0 }],
		'META-INF/container.xml': bytesOf(
			'<?xml version="1.0" encoding="UTF-8"?><container version="1.0" xmlns="urn:oasis:names:tc:opendocument:xmlns:container"><rootfiles><rootfile full-path="OEBPS/package.opf" media-type="application/oebps-package+xml"/></rootfiles></container>'
		),
		...held
	};
	return zipSync(files, { mtime: DAY });
}

const page = (title: string, body: string): string => `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE html>
<html xmlns="http://www.w3.org/1999/xhtml" xmlns:epub="http://www.idpf.org/2007/ops" lang="en" xml:lang="en">
<head><title>${escaped(title)}</title><link rel="stylesheet" type="text/css" href="sheet.css"/></head>
<body>${body}</body>
</html>
`;
