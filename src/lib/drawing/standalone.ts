import font from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2?url';

/** What the page's style sheets say of a drawing, and a drawing by itself must say in its own attributes. */
const INHERITED = [
	...['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'stroke-linecap', 'stroke-linejoin'],
	...['font-size', 'font-weight', 'text-anchor', 'paint-order']
];
/** The same for what is not handed down, with what it is when nothing is said. */
const ITS_OWN: readonly (readonly [property: string, usual: string])[] = [
	['opacity', '1'],
	['stop-color', 'rgb(0, 0, 0)']
];
const FAMILY = 'Atkinson Hyperlegible Next';

/** A drawing that stands by itself: with its colours written into it, and the font it is lettered in. */
export async function standalone(drawing: SVGSVGElement): Promise<string> {
	const copy = drawing.cloneNode(true) as SVGSVGElement;
	const { width, height } = drawing.viewBox.baseVal;
	copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
	copy.setAttribute('width', String(width));
	copy.setAttribute('height', String(height));
	const from = [drawing, ...drawing.querySelectorAll('*')];
	const to = [copy, ...copy.querySelectorAll('*')];
	from.forEach((element, i) => {
		const style = getComputedStyle(element);
		const above = i === 0 ? null : getComputedStyle(element.parentElement!);
		for (const property of INHERITED) {
			const value = style.getPropertyValue(property);
			if (value !== above?.getPropertyValue(property)) to[i].setAttribute(property, value);
			else to[i].removeAttribute(property);
		}
		for (const [property, usual] of ITS_OWN) {
			const value = style.getPropertyValue(property);
			if (value !== usual) to[i].setAttribute(property, value);
		}
		to[i].removeAttribute('class');
	});
	copy.setAttribute('font-family', `'${FAMILY}', sans-serif`);
	const style = document.createElementNS('http://www.w3.org/2000/svg', 'style');
	style.textContent = `@font-face{font-family:'${FAMILY}';font-weight:200 800;src:url(${await fontData()})}`;
	copy.prepend(style);
	return new XMLSerializer().serializeToString(copy).replaceAll('<!---->', '');
}

let fontText: Promise<string> | undefined;

const fontData = () =>
	(fontText ??= fetch(font)
		.then((response) => response.arrayBuffer())
		.then((bytes) => `data:font/woff2;base64,${base64(new Uint8Array(bytes))}`));

function base64(bytes: Uint8Array): string {
	let text = '';
	for (const byte of bytes) text += String.fromCharCode(byte);
	return btoa(text);
}

/** Drawings one below the other, each under its words, with a number before them where they are steps. */
export function strip(pictures: readonly { svg: string; words: string }[], numbered = true): string {
	const CAPTION = 54;
	const sizes = pictures.map(({ svg }) => {
		const [, width, height] = /width="([\d.]+)" height="([\d.]+)"/.exec(svg) ?? ['', '944', '452'];
		return { width: Number(width), height: Number(height) };
	});
	const width = Math.max(...sizes.map((size) => size.width));
	let top = 0;
	const parts = pictures.map(({ svg, words }, i) => {
		const caption = `<text x="28" y="${top + 34}" font-size="20">${numbered ? `${i + 1}. ` : ''}${escaped(words)}</text>`;
		const placed = svg.replace('<svg', `<svg y="${top + CAPTION}"`);
		top += CAPTION + sizes[i].height;
		return caption + placed;
	});
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${top}" viewBox="0 0 ${width} ${top}" font-family="'${FAMILY}', sans-serif" fill="#17302f"><rect width="${width}" height="${top}" fill="#f8f8f3"/>${parts.join('')}</svg>`;
}

const escaped = (text: string) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

/** The drawing as a PNG, twice as large, so that it prints well. */
export async function png(svg: string): Promise<Blob> {
	const image = new Image();
	image.src = `data:image/svg+xml;base64,${base64(new TextEncoder().encode(svg))}`;
	await image.decode();
	const scale = Math.min(2, 8_000 / image.height);
	const canvas = document.createElement('canvas');
	canvas.width = image.width * scale;
	canvas.height = image.height * scale;
	canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
	return new Promise((resolve, reject) =>
		canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture came out'))), 'image/png')
	);
}
