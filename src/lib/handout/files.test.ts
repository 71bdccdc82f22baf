import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { HandoutFile } from '$core/handout/asked';
import { handoutOf } from '$core/handout/handout';
import type { HandoutOptions } from '$core/handout/options';
import { parseBrief, parseLesson } from '$core/formats/lesson';
import { draftLesson } from '$core/planning/draft';
import { installReaders } from '../../../scripts/lib/readers.mjs';
import { TONES, type Tone } from '$lib/drawing/pen';
import { PRINT_TONES } from '$lib/drawing/printTones';
import { parasOf, plainText } from './commonmark';
import { writeHandout } from './file';
import { svgOf } from './pictures';
import { unwrap } from '$core/result';

const folder = mkdtempSync(join(tmpdir(), 'pond-sheets-'));
afterAll(() => rmSync(folder, { recursive: true }));
beforeAll(() => installReaders());

const DOT = Buffer.from(
	'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
	'base64'
);
const PICTURE = '/pictures/0a0b0c0d-0000-4000-8000-000000000001';
const lesson = (() => {
	const read = unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
	const parts = read.parts.map((part) =>
		part.id === 'home'
			? {
					...part,
					text: `- one *item*\n- <script>alert(1)</script> & more\n\n1. first\n2. second\n\n![A wren's nest](${PICTURE}) ![far away](http://elsewhere.example/x.png) [a link](http://elsewhere.example/)\n\nПривет, Ζωή, Łódź – ½ → 🧶`
				}
			: part
	);
	return { ...read, title: 'Leans & <loops>', parts };
})();

const own = (src: string) => (src === PICTURE ? { bytes: new Uint8Array(DOT), type: 'image/png' } : null);

async function made(as: HandoutFile, options: HandoutOptions = {}) {
	const path = join(folder, `sheet.${as}`);
	const handout = handoutOf(lesson, { by: 'Sedge Warbler', ...options });
	const written = await writeHandout(path, as, handout, own, '2026-11-26T19:00:00Z');
	return { path, written: written!, text: () => readFileSync(path, 'utf8') };
}
const tool = (program: string, ...args: string[]) => {
	const { stdout, stderr, status } = spawnSync(program, args, { encoding: 'utf8' });
	expect(stderr).toBe('');
	expect(status).toBe(0);
	return stdout;
};
/** An outside parser says whether it is XML. */
const isXml = (text: string) => {
	const path = join(folder, 'checked.xml');
	writeFileSync(path, text);
	return spawnSync('xmllint', ['--noout', '--nonet', path], { encoding: 'utf8' }).stderr;
};

describe('the PDF', () => {
	it.each([
		['a4', '595.28 x 841.89 pts (A4)'],
		['letter', '612 x 792 pts (letter)']
	] as const)('is tagged, in its language, on %s, and says how many pages it has', async (paper, size) => {
		const { path, written } = await made('pdf', { paper });
		const info = tool('pdfinfo', path);
		expect(info).toMatch(/^Title: +Leans & <loops>$/m);
		expect(info).toMatch(/^Author: +Sedge Warbler$/m);
		expect(info).toMatch(/^Tagged: +yes$/m);
		expect(info).toContain(`Page size:       ${size}`);
		expect(Number(/^Pages: +(\d+)$/m.exec(info)![1])).toBe(written.pages);
		expect(readFileSync(path).length).toBe(written.bytes);
	});

	it('has text that can be selected and found, in its order, in any script a font has', async () => {
		const { path } = await made('pdf');
		const text = tool('pdftotext', path, '-').replace(/\s+/g, ' ');
		expect(text).toContain('Slip stitches 1 and 2 to the cable needle and hold them in back.');
		expect(text.indexOf('What you need')).toBeLessThan(text.indexOf('If it looks like this'));
		expect(text).toContain('• <script>alert(1)</script> & more');
		expect(text).toContain('Привет, Ζωή, Łódź – ½');
		expect(text).toContain('far away');
	});

	it('has headings, lists, tables and figures with their words for those who read by ear', async () => {
		const { path } = await made('pdf');
		const structure = tool('pdfinfo', '-struct', path);
		for (const type of [
			'Document',
			'Sect',
			'H1',
			'H2',
			'L',
			'LI',
			'LBody',
			'Table',
			'TR',
			'TH',
			'TD',
			'Figure',
			'Caption'
		])
			expect(structure).toMatch(new RegExp(`^ *${type}\\b`, 'm'));
		// Alternative texts and the outline are not packed away where a reader cannot see them.
		const bytes = readFileSync(path, 'latin1');
		expect(bytes).toMatch(/\/Alt \(/);
		expect(bytes.match(/\/S \/Figure/g)!.length).toBeLessThanOrEqual(bytes.match(/\/Alt \(/g)!.length);
		expect(bytes).toMatch(/\/Outlines/);
	});

	it('embeds every font it uses', async () => {
		const { path } = await made('pdf');
		const fonts = tool('pdffonts', path).trim().split('\n').slice(2);
		expect(fonts.length).toBeGreaterThan(3);
		for (const font of fonts) expect(font).toMatch(/ yes +yes +yes +\d+ +\d+$/);
	});

	it('draws pages that have ink where steps are', async () => {
		const { path } = await made('pdf');
		tool('pdftoppm', '-r', '40', '-gray', path, join(folder, 'page'));
		const pages = readdirSync(folder).filter((file) => /^page-.*pgm$/.test(file));
		const stepsOn = (page: string) => {
			const n = /\d+/.exec(page)![0];
			return /Slip stitches|Knit stitch/.test(tool('pdftotext', '-f', n, '-l', n, path, '-'));
		};
		const withSteps = pages.filter(stepsOn);
		expect(withSteps.length).toBeGreaterThan(2);
		for (const page of withSteps) {
			const bytes = readFileSync(join(folder, page));
			const dark = bytes.subarray(bytes.length - 330 * 460).filter((grey) => grey < 200).length;
			expect(dark, page).toBeGreaterThan(200);
		}
	});

	it('is stopped between two sections, and leaves nothing behind', async () => {
		const path = join(folder, 'stopped.pdf');
		let seen = 0;
		const progress = { onSection: () => void seen++, stop: () => seen >= 2 };
		expect(
			await writeHandout(path, 'pdf', handoutOf(lesson), own, '2026-11-26T19:00:00Z', progress)
		).toBeNull();
		expect(seen).toBe(2);
		expect(readdirSync(folder).filter((file) => file.startsWith('stopped'))).toEqual([]);
	});
});

describe('the HTML file', () => {
	it('is one file that may ask for nothing, and obeys no text', async () => {
		const { text } = await made('html');
		const html = text();
		expect(html).not.toMatch(/(?:src|href)=["']?(?!data:|#)\w/);
		expect(html).not.toMatch(/url\((?!data:|#)/);
		expect(html).toContain("default-src 'none'");
		expect(html).toContain('&lt;script&gt;');
		expect(html).not.toContain('<script');
		expect(html).toContain('src="data:image/png;base64,');
		const ids = [...html.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id);
		expect(new Set(ids).size).toBe(ids.length);
	});
});

describe('the EPUB', () => {
	it('is a book: its kind first and unpacked, every document XML, everything named that is there', async () => {
		const { path, written } = await made('epub');
		const bytes = readFileSync(path);
		expect(bytes.subarray(30, 58).toString('latin1')).toBe('mimetypeapplication/epub+zip');
		const files = unzipSync(new Uint8Array(bytes));
		const textOf = (name: string) => new TextDecoder().decode(files[name]);
		const documents = Object.keys(files).filter((name) => /\.(?:xhtml|opf|xml)$/.test(name));
		for (const name of documents) expect(isXml(textOf(name)), name).toBe('');
		expect(documents.filter((name) => name.endsWith('.xhtml'))).toHaveLength(written.pages);
		const named = [...textOf('OEBPS/package.opf').matchAll(/href="([^"]+)"/g)].map(
			([, href]) => `OEBPS/${href}`
		);
		const held = Object.keys(files).filter((name) => name.startsWith('OEBPS/') && !name.endsWith('.opf'));
		expect(named.sort()).toEqual(held.sort());
		expect(textOf('OEBPS/package.opf')).toContain(
			'<meta property="dcterms:modified">2026-11-26T19:00:00Z</meta>'
		);
	});
});

describe('the other files', () => {
	it('say the same: CommonMark with its marks kept from doing anything, JSON as the shape has it', async () => {
		const markdown = (await made('md')).text();
		expect(markdown).toMatch(/^# Leans & \\<loops\\>\n/);
		expect(markdown).toContain('1. **Slip stitches 1 and 2 to the cable needle and hold them in back.**');
		expect(markdown).toContain('[Picture: 2/2 RC, wrong side]');
		const json = JSON.parse((await made('json')).text());
		expect(json).toEqual(JSON.parse(JSON.stringify(handoutOf(lesson, { by: 'Sedge Warbler' }))));
	});
});

describe('CommonMark on paper', () => {
	it('is paragraphs, items and the teacher’s own pictures', () => {
		const paras = parasOf(
			`# Head\n\nA **bold** *word* and \`code\`\nnext\n\n3. three\n   - deep\n4. four\n\n![nest](${PICTURE})`
		);
		expect(paras.map(({ kind }) => kind)).toEqual([
			'heading',
			'paragraph',
			'item',
			'item',
			'item',
			'picture'
		]);
		expect(paras[2]).toMatchObject({ mark: '3.', depth: 1 });
		expect(paras[3]).toMatchObject({ mark: '•', depth: 2 });
		expect(paras[4]).toMatchObject({ mark: '4.' });
		expect(paras[1]).toMatchObject({
			runs: [{}, { text: 'bold', bold: true }, {}, { italic: true }, {}, { code: true }, {}, {}]
		});
		expect(plainText('a **b** c')).toBe('a b c');
	});
});

describe('the colours of print', () => {
	it('are the day’s, but for the bands', () => {
		const css = readFileSync('src/lib/drawing/tokens.css', 'utf8');
		const day = css.slice(0, css.indexOf("[data-theme='evening']"));
		for (const [tone, token] of Object.entries(TONES)) {
			if (tone.startsWith('band') || tone === 'ink') continue;
			expect(day, tone).toContain(`${token}: ${PRINT_TONES[tone as Tone]};`);
		}
	});
});

describe('a bed on paper', () => {
	it('is drawn after every step of the machine and the loom, each stitch with its number', () => {
		for (const medium of ['machine', 'loom'] as const) {
			const brief = parseBrief({ crossings: ['2/2 RC'], level: 'improver', minutes: 120, medium });
			const draft = unwrap(brief.ok ? draftLesson(brief.value) : brief);
			const blocks = handoutOf(draft.lesson, {}).sections.flatMap((section) => section.blocks);
			const steps = blocks.find((block) => block.kind === 'steps')!;
			const pictures = steps.kind === 'steps' ? steps.steps.map((step) => step.picture) : [];
			expect(pictures.map(({ kind }) => kind)).toEqual(pictures.map(() => 'bed'));
			const drawings = pictures.map((picture, i) => svgOf(picture, `bed-${i}`));
			expect(new Set(drawings).size).toBeGreaterThan(3);
			for (const svg of drawings)
				for (const number of [1, 2, 3, 4]) expect(svg).toContain(`>${number}</text>`);
		}
	});
});
