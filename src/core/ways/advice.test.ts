import { describe, expect, it } from 'vitest';
import { layered } from '../crossing/crossing';
import { entryOf, tellEntry } from '../hands/entry';
import { readName } from '../naming/read';
import { RULES, rulesWith, USUAL_RULES } from '../rules';
import { adviceOf, type Situation } from './advice';
import { sayIn } from './sayIn';
import { waysOf } from './ways';
import { unwrap } from '../result';

const situation: Situation = {
	level: 'beginner',
	yarn: 'plain',
	rules: USUAL_RULES,
	needleMm: 4,
	often: 'some',
	yarnHand: 'right'
};
const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};

describe('advice', () => {
	it('follows level, yarn and size, and the teacher’s own rules', () => {
		const take = (name: string, other: Partial<Situation> = {}) =>
			adviceOf(crossing(name), { ...situation, ...other }).take;
		expect([take('2/2 RC'), take('3/3 RC'), take('3/3 RC', { level: 'improver' })]).toEqual([
			'free',
			'needle',
			'free'
		]);
		expect(take('2/2 RC', { yarn: 'slippery' })).toBe('needle');
		expect(take('3/3 RC', { rules: rulesWith({ freeBeginner: 6 }) })).toBe('free');
		expect(take('2/1/2 RC', { level: 'confident' })).toBe('needle');
	});

	it('gives its reasons, and which needle', () => {
		const advice = adviceOf(crossing('2/1 LPC'), { ...situation, yarnHand: 'left', often: 'many' });
		expect(advice.because.join(' ')).toMatch(/up to 4.*Many crosses.*third thing.*alternate/);
		expect([advice.shape, advice.size]).toEqual(['hooked', '4 mm or thinner']);
		const shape = (other: Partial<Situation>) =>
			adviceOf(crossing('2/2 RC'), { ...situation, ...other }).shape;
		expect([shape({ level: 'confident' }), shape({ yarn: 'slippery' })]).toEqual([
			'straight, double-pointed',
			'dipped or ridged'
		]);
		expect(adviceOf(crossing('4/4 RC'), { ...situation, yarn: 'slippery' }).yarn).toContain('break');
	});

	it('rests on rules that each have words, a range and a usual value inside it', () => {
		for (const { usual, least, most, says } of RULES) {
			expect(usual >= least && usual <= most).toBe(true);
			expect(says).toContain('%');
		}
	});
});

describe('cautions', () => {
	it('warn a left-hander who keeps the fabric that a back loop twists the other way', () => {
		const warned = (keep: 'words' | 'fabric') =>
			waysOf(crossing('2/2 RC tbl'), { hand: 'left', keep }).every(({ cautions }) =>
				cautions.some((text) => text.includes('twists the other way'))
			);
		expect([warned('fabric'), warned('words')]).toEqual([true, false]);
		expect(waysOf(crossing('1/1 RC'), { hand: 'left' }).map(({ title }) => title)).toContain(
			'Start from the left needle'
		);
	});
});

describe('the tip of the needle', () => {
	it('enters by the word and by the leg that was open', () => {
		expect(entryOf('k', 'right')).toEqual({ leg: 'front', from: 'front', towards: 'right' });
		expect(entryOf('k', 'left')).toEqual({ leg: 'back', from: 'front', towards: 'left' });
		expect(entryOf('ktbl', 'right').leg).toBe('back');
		expect(entryOf('p', 'right')).toEqual({ leg: 'front', from: 'front', towards: 'left' });
		expect(entryOf('ptbl', 'right').from).toBe('back');
		expect(entryOf('sl', 'right').towards).toBe('left');
		expect(tellEntry(entryOf('k', 'right'), 'right')).toBe(
			'The tip goes in under the front leg from the front, left to right.'
		);
		expect(tellEntry(entryOf('k', 'right'), 'left')).toContain('right to left');
	});
});

describe('a crossing in the words of its medium', () => {
	const voice = { hand: 'right', keep: 'fabric', terms: 'us' } as const;
	const said = (name: string, medium: Parameters<typeof sayIn>[1], other: object = {}) => {
		const answer = readName(name, { medium });
		if (!answer.ok) return answer.error.code;
		const text = sayIn(answer.value.readings[0].crossing, medium, { ...voice, ...other });
		return text.ok ? text.value : text.error.code;
	};

	it('counts units in brioche and pairs in double knitting', () => {
		expect(said('2/2 RC', 'brioche')).toBe(
			'slip next 2 units to cn and hold in back, brk1, slyo1, brk1, slyo1 from cn'
		);
		expect(said('4/4 LC', 'brioche')).toContain('(brk1, slyo1) twice');
		expect(said('2/2 RC', 'double', { terms: 'uk' })).toBe(
			'slip next 2 pairs to cn and hold at back, (k1, p1) twice, (k1, p1) twice from cn'
		);
		expect(said('1/1 RC', 'double-front')).toContain('stitch');
	});

	it('moves tools on the machine and pins on the loom', () => {
		expect(said('1/1 RC', 'machine')).toBe(
			'Facing the purl side: lift stitch 1 off needle 1 with tool a. Lift stitch 2 off needle 2 with tool b. Hang 2 on needle 1. Hang 1 on needle 2. Knit the row, slowly.'
		);
		expect(said('1/1 RC', 'loom')).toContain('wait outside');
		const wide = layered([5, 4, 3, 2, 1], [0, 1, 2, 3, 4], () => 'k');
		expect(sayIn(wide, 'machine', voice)).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});

	it('is a definition for the hands, mirrored for left hands that keep the fabric', () => {
		expect(said('2/2 RC', 'hand')).toBe('sl next 2 sts to cn and hold in back, k2, k2 from cn');
		expect(said('2/2 RC', 'hand', { hand: 'left' })).toContain('in front');
		expect(said('2/2 RC', 'twisted')).toContain('k2 tbl');
	});
});
