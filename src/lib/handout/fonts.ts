import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { HeldFont } from './html';

const require = createRequire(import.meta.url);
const folderOf = (name: string) => dirname(require.resolve(`${name}/package.json`));

/** The fonts that HTML and books hold: all weights in one file each. */
export function heldFonts(): HeldFont[] {
	const font = (name: string, family: string, style: HeldFont['style']): HeldFont => ({
		family,
		style,
		weight: '200 800',
		bytes: readFileSync(
			join(folderOf(`@fontsource-variable/${name}`), 'files', `${name}-latin-wght-${style}.woff2`)
		)
	});
	return [
		font('atkinson-hyperlegible-next', 'Atkinson Hyperlegible Next', 'normal'),
		font('atkinson-hyperlegible-mono', 'Atkinson Hyperlegible Mono', 'normal'),
		font('literata', 'Literata', 'normal'),
		font('literata', 'Literata', 'italic')
	];
}

/** What text is set in on paper. */
export const FACES = {
	body: ['atkinson-hyperlegible-next', '400-normal'],
	bold: ['atkinson-hyperlegible-next', '700-normal'],
	italic: ['atkinson-hyperlegible-next', '400-italic'],
	heading: ['literata', '600-normal'],
	saying: ['literata', '400-italic'],
	rows: ['atkinson-hyperlegible-mono', '400-normal']
} as const;
export type Face = keyof typeof FACES;

/** A file of a face, for the characters it has. */
export interface FontFile {
	readonly name: string;
	readonly path: string;
	has(character: number): boolean;
}

/** Other scripts come from the one family that has them. */
const BEYOND = {
	family: 'literata',
	subsets: ['cyrillic', 'cyrillic-ext', 'greek', 'greek-ext', 'vietnamese']
};

/** The files of a face in the order they are tried; static ones, because variable woff2 cannot be read on paper. */
export function fontFiles(face: Face): FontFile[] {
	const [family, style] = FACES[face];
	const beyond = style === '700-normal' ? '600-normal' : style;
	return [
		...['latin', 'latin-ext'].map((subset) => fontFile(family, subset, style)),
		...BEYOND.subsets.map((subset) => fontFile(BEYOND.family, subset, beyond))
	];
}

function fontFile(family: string, subset: string, style: string): FontFile {
	const folder = folderOf(`@fontsource/${family}`);
	const ranges = rangesOf(require(join(folder, 'unicode.json'))[subset]);
	return {
		name: `${family} ${subset} ${style}`,
		path: join(folder, 'files', `${family}-${subset}-${style}.woff`),
		has: (character) => ranges.some(([from, to]) => character >= from && character <= to)
	};
}

/** `U+0000-00FF,U+0131` as pairs of first and last. */
const rangesOf = (text: string): [number, number][] =>
	text.split(',').map((range) => {
		const [from, to = from] = range.replace('U+', '').split('-');
		return [parseInt(from, 16), parseInt(to, 16)];
	});
