import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { handoutShape } from '../core/handout/schema';
import { answerHandout } from './handout';
import { run } from './run';
import { unwrap } from '../core/result';

const folder = mkdtempSync(join(tmpdir(), 'pond-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));
const LESSON = readFileSync('db/demo/first-two-leans.json', 'utf8');
const at = (name: string) => join(folder, name);
const value = async (...args: string[]) => {
	const answer = unwrap(await answerHandout(args, LESSON));
	return answer as { file: string; bytes: number; pages: number };
};

describe('handout', () => {
	it.each(['html', 'pdf', 'epub', 'md', 'json'])(
		'writes %s and says where, how large and how many pages',
		async (as) => {
			const file = at(`sheet.${as}`);
			const answer = await value('--as', as, '--out', file);
			expect(answer.file).toBe(file);
			expect(answer.bytes).toBe(readFileSync(file).length);
			expect(answer.pages).toBeGreaterThanOrEqual(1);
		}
	);

	it('takes hands, yarn hand, words, names, paper and print from its options', async () => {
		const file = at('told.json');
		await value(
			...['--as', 'json', '--out', file, '--hand', 'left', '--keep', 'words', '--yarn-hand', 'left'],
			...['--terms', 'uk', '--school', 'held', '--paper', 'letter', '--large']
		);
		const handout = handoutShape.parse(JSON.parse(readFileSync(file, 'utf8')));
		expect(handout).toMatchObject({ paper: 'letter', large: true });
		expect(handout.for).toContain('keeping the words');
		const steps = handout.sections.flatMap(({ blocks }) => blocks.filter((block) => block.kind === 'steps'));
		expect(steps[0].steps[0].picture).toMatchObject({ hand: 'left', yarnHand: 'left' });
		expect(steps[0].steps[0].says).toContain('at the back');
		expect(handout.sections.map(({ title }) => title)).toContain('Show C2B with a cable needle');
	});

	it('fits a cross on two pages where it is compact', async () => {
		const drafted = run(['draft'], JSON.stringify({ crossings: ['2/2 RC'], level: 'beginner', minutes: 60 }));
		const { lesson } = unwrap(drafted) as { lesson: unknown };
		const answer = await answerHandout(
			['--as', 'pdf', '--out', at('compact.pdf'), '--compact'],
			JSON.stringify(lesson)
		);
		expect(unwrap(answer)).toMatchObject({ pages: 2 });
	});

	it('is longer in large print, and as long on the same paper however often it is made', async () => {
		const pages = async (...more: string[]) =>
			(await value('--as', 'pdf', '--out', at('p.pdf'), ...more)).pages;
		const usual = await pages();
		expect(await pages()).toBe(usual);
		expect(await pages('--large')).toBeGreaterThan(usual);
	});

	it.each([
		[[], LESSON, 'unreadable', '--as html, pdf, epub, md or json, and --out FILE'],
		[['--as', 'pdf'], LESSON, 'unreadable', '--out FILE'],
		[['--as', 'docx', '--out', 'x'], LESSON, 'unreadable', 'give html, pdf, epub, md, json'],
		[['--as', 'pdf', '--out', 'x', '--school', 'mine'], LESSON, 'unreadable', '--school mine'],
		[['--as', 'pdf', '--out', 'x', '--loud'], LESSON, 'unreadable', 'Options here'],
		[['--as', 'pdf', '--out', 'x', 'y'], LESSON, 'unreadable', 'its text on standard input'],
		[['--as', 'md', '--out', at('x.md')], '{', 'unreadable', 'JSON'],
		[['--as', 'md', '--out', at('x.md')], '{"format":"pond-loop/lesson@1"}', 'unreadable', 'title'],
		[['--as', 'pdf', '--out', at('no/such/folder.pdf')], LESSON, 'conflict', 'a folder that is there']
	])('says what it wants for %j', async (args, input, code, words) => {
		const answer = await answerHandout(args, input);
		expect(answer).toMatchObject({ ok: false, error: { code } });
		expect(JSON.stringify(answer)).toContain(words);
	});

	it('leaves no half file', () => {
		expect(readdirSync(folder).filter((name) => name.includes('half'))).toEqual([]);
	});
});
