import { describe, expect, it } from 'vitest';
import type { Lesson, Part } from '../lesson/lesson';
import { unwrap } from '../result';
import { claimsOf, claimsOfPart } from './claimed';
import { draftLesson } from './draft';

const { lesson } = unwrap(draftLesson({ crossings: ['2/2 RC'], level: 'improver', minutes: 60 }));
const told = (text: string, more: Partial<Lesson> = {}) =>
	claimsOf({
		...lesson,
		homework: '',
		...more,
		parts: [{ id: 'x', kind: 'show', crossing: 'a', way: 'cn-off', title: '', minutes: 1, text }]
	}).map(({ kind, holds }) => `${kind} ${holds}`);

describe('what a lesson claims', () => {
	it('is judged for right hands, and for left ones from where a paragraph speaks to them', () => {
		expect(told('Hold two at the back.')).toEqual(['hold true']);
		expect(told('Hold two at the back. Left-handed: hold two in front.')).toEqual(['hold true', 'hold true']);
		expect(told('Left-handed: hold two at the back.\nHold two at the back.')).toEqual([
			'hold false',
			'hold true'
		]);
	});

	it('is in texts, questions’ answers, homework and sayings, not in what goes wrong', () => {
		const parts: Part[] = [
			{
				id: '1',
				kind: 'mend',
				crossing: 'a',
				slip: 'wrong-hold',
				title: '',
				minutes: 1,
				text: 'It leans left.'
			},
			{
				id: '2',
				kind: 'check',
				crossing: 'a',
				title: '',
				minutes: 1,
				question: 'Does it lean left?',
				answer: 'It leans right.'
			}
		];
		const crossings = lesson.crossings.map((one) => ({ ...one, saying: 'It leans left.' }));
		const found = claimsOf({ ...lesson, parts, crossings, homework: '2/2 RC leans right.' });
		expect(found.map(({ where, holds }) => [where.what, holds])).toEqual([
			['answer', true],
			['homework', true],
			['saying', false]
		]);
		expect(claimsOfPart({ ...lesson, crossings }, parts[1]).map(({ where }) => where.what)).toEqual([
			'answer'
		]);
	});

	it('leaves what tools do alone, where they hold the stitches', () => {
		expect(told('Hold two in front. It leans left.', { medium: 'machine' })).toEqual(['lean false']);
	});
});
