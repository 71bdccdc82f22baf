import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { unzipSync } from 'fflate';
import { afterAll, describe, expect, it } from 'vitest';
import {
	askedShape,
	differing,
	fileNameOf,
	MOST_VARIANTS,
	variantName,
	type Asked
} from '$core/handout/asked';
import { handoutShape } from '$core/handout/schema';
import { posterOf } from '$core/handout/poster';
import { parseLesson } from '$core/formats/lesson';
import { made } from './make';
import { unwrap } from '$core/result';

const folder = mkdtempSync(join(tmpdir(), 'pond-made-'));
afterAll(() => rmSync(folder, { recursive: true }));
const lesson = (() => {
	return unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
})();

async function make(asked: Asked) {
	const progress: [number, number][] = [];
	const onProgress = (done: number, of: number) => void progress.push([done, of]);
	const result = await made({
		asked,
		lesson,
		others: [{ ...lesson, title: 'The second evening' }],
		own: () => null,
		madeAt: '2026-11-26T19:00:00Z',
		folder,
		onProgress
	});
	return { result, progress };
}

describe('what is made', () => {
	it('is one file for a course: every lesson with a page to begin on, answers behind all', async () => {
		const id = '7b1c9a30-5d1f-4a52-9a58-0a1f2b3c4d5e';
		const { result } = await make({
			kind: 'course',
			as: 'json',
			title: 'Evenings in the hide',
			lessons: [id],
			options: {}
		});
		if (!result.ok) throw new Error(result.error.message);
		expect(result.value.name).toBe('Evenings in the hide.json');
		const handout = handoutShape.parse(JSON.parse(readFileSync(result.value.path, 'utf8')));
		const titles = handout.sections.map(({ title }) => title);
		expect(titles).toContain('1. Your first two leans');
		expect(titles).toContain('2. The second evening');
		expect(titles.slice(-2)).toEqual(['Answers: Your first two leans', 'Answers: The second evening']);
		expect(handout.sections.filter(({ newPage }) => newPage)).toHaveLength(2);
		expect(new Set(handout.sections.map((section) => section.id)).size).toBe(titles.length);
	});

	it('is one file for one variant, and a zip with names of their own for several', async () => {
		const one = await make({ kind: 'sheets', as: 'md', variants: [{ hand: 'left' }] });
		expect(one.result).toMatchObject({
			ok: true,
			value: { name: 'Your first two leans.md', type: 'text/markdown; charset=utf-8' }
		});
		const variants = [
			{},
			{ hand: 'left' as const },
			{ terms: 'uk' as const },
			{ learner: 'Fern' },
			{ learner: 'Fern' }
		];
		const { result, progress } = await make({ kind: 'sheets', as: 'md', variants });
		if (!result.ok) throw new Error(result.error.message);
		const files = unzipSync(new Uint8Array(readFileSync(result.value.path)));
		expect(Object.keys(files).sort()).toEqual([
			'Your first two leans, Fern (2).md',
			'Your first two leans, Fern.md',
			'Your first two leans, UK.md',
			'Your first two leans, left-handed.md',
			'Your first two leans.md'
		]);
		// It only goes forward, and ends at the end.
		for (const [i, [done, of]] of progress.entries()) {
			expect(done).toBeGreaterThanOrEqual(progress[i - 1]?.[0] ?? 0);
			expect(done).toBeLessThanOrEqual(of);
		}
		expect(progress.at(-1)![0]).toBe(progress.at(-1)![1]);
	});

	it('is a poster of a part that shows, and of no other', async () => {
		const poster = await make({ kind: 'poster', part: 'free-rc', options: { by: 'Sedge' } });
		expect(poster.result).toMatchObject({ ok: true, value: { name: '2-2 RC, poster.pdf' } });
		const none = await make({ kind: 'poster', part: 'hello', options: {} });
		expect(none.result).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(posterOf(lesson, 'show-lc', { hand: 'left', terms: 'uk' })).toMatchObject({
			title: '2/2 LC',
			steps: { steps: { length: 5 } },
			says: [
				expect.stringContaining('hold at back'),
				expect.anything(),
				expect.stringContaining('left-handed')
			]
		});
	});
});

describe('what is asked', () => {
	it('has at least one variant, and no more than a large class', () => {
		const sheets = (count: number) => ({
			kind: 'sheets',
			as: 'pdf',
			variants: Array.from({ length: count }, () => ({}))
		});
		expect(askedShape.safeParse(sheets(0)).success).toBe(false);
		expect(askedShape.safeParse(sheets(MOST_VARIANTS)).success).toBe(true);
		expect(askedShape.safeParse(sheets(MOST_VARIANTS + 1)).success).toBe(false);
		expect(askedShape.safeParse({ kind: 'sheets', as: 'pdf', variants: [{ colour: 'red' }] }).success).toBe(
			false
		);
	});

	it('tells a variant by what is other in it', () => {
		const first = { hand: 'right' as const, terms: 'us' as const, parts: ['a'] };
		expect(differing({ ...first }, first)).toEqual({});
		expect(variantName(differing({ ...first, hand: 'left', keep: 'words', large: true }, first))).toBe(
			'left-handed, same words, large print'
		);
		expect(variantName({ school: 'hold', yarnHand: 'left', paper: 'letter' })).toBe(
			'yarn left, names hold, letter'
		);
	});

	it('gives any title a name that any system takes', () => {
		fc.assert(
			fc.property(
				fc.string({ unit: 'binary', maxLength: 300 }),
				fc.string({ maxLength: 40 }),
				(title, variant) => {
					const name = fileNameOf(title, variant, 'pdf');
					expect(name).toMatch(/^\S.*\.pdf$/su);
					expect(name).not.toMatch(/[<>:"/\\|?*\p{Cc}]/u);
					expect(name.length).toBeLessThanOrEqual(124);
				}
			)
		);
		expect(fileNameOf('  ', '', 'zip')).toBe('sheet.zip');
	});
});
