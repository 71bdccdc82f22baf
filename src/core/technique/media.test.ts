import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { layered } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import { lean } from '../crossing/lean';
import { rulesWith, USUAL_RULES } from '../rules';
import { factsOf, widestSet } from './facts';
import { checkMedium, inMedium, MEDIA, plainOf } from './medium';
import { rowsToSlip } from './slipped';

const knit = () => 'k' as const;
const rc = layered([3, 4, 1, 2], [1, 1, 0, 0], knit);
const lpc = layered([3, 1, 2], [0, 0, 1], (stitch) => (stitch === 3 ? 'p' : 'k'));
const made = (crossing: typeof rc, medium: (typeof MEDIA)[number]) => {
	const answer = inMedium(crossing, medium);
	return answer.ok ? answer.value : answer.error.code;
};

describe('a crossing in a medium', () => {
	it('keeps order and depth, and is worked in the medium’s words', () => {
		expect(made(rc, 'twisted')).toEqual({ ...rc, work: ['ktbl', 'ktbl', 'ktbl', 'ktbl'] });
		expect(made(lpc, 'twisted')).toMatchObject({ work: ['p', 'ktbl', 'ktbl'] });
		expect(made(lpc, 'slipped')).toBe(lpc);
		expect(made(rc, 'brioche')).toMatchObject({ order: rc.order, work: ['brk', 'slyo', 'brk', 'slyo'] });
		expect(made(rc, 'machine')).toBe(rc);
	});

	it('goes by the name of the plain crossing it was made from', () => {
		for (const medium of MEDIA) {
			const there = made(rc, medium);
			if (typeof there !== 'string') expect(plainOf(there, medium)).toEqual(rc);
		}
	});

	it('is refused where the medium cannot make it', () => {
		expect(MEDIA.filter((medium) => made(lpc, medium) === 'conflict')).toEqual([
			'brioche',
			'double',
			'double-front',
			'machine',
			'loom'
		]);
		expect(made(layered([2, 1], [0, 1], knit), 'brioche')).toBe('parity');
		expect(checkMedium(lpc, 'loom')).toMatchObject({ ok: false, error: { code: 'conflict' } });
		expect(checkMedium(lpc, 'double')).toMatchObject({ ok: true });
	});

	it('in double knitting shows the same lean on both faces, or leaves the back plain', () => {
		fc.assert(
			fc.property(twoGroupCrossing, (wanted) => {
				const plain = { ...wanted, work: wanted.work.map(knit) };
				const pairs = made(plain, 'double');
				if (typeof pairs === 'string') return expect(pairs).toBe('size');
				expect(lean(turnOver(pairs))).toBe(lean(plain));
				const front = made(plain, 'double-front');
				if (typeof front !== 'string')
					expect(front.order.filter((stitch) => stitch % 2 === 0)).toEqual(
						Array.from({ length: plain.stitches }, (_, i) => 2 * (i + 1))
					);
			})
		);
	});
});

describe('what a medium asks', () => {
	it('is told for every crossing, hurt included, with nothing left open', () => {
		fc.assert(
			fc.property(anyCrossing(), fc.constantFrom(...MEDIA), (crossing, medium) => {
				const facts = factsOf(crossing, medium, USUAL_RULES);
				expect(facts.filter(({ kind }) => kind === 'hurt')).toHaveLength(1);
				for (const { text } of facts) expect(text).toMatch(/^[A-Z](?!.*(undefined|NaN|Infinity)).*\.$/);
			})
		);
	});

	it('counts plain rows on the machine by the widest set, and strain by the rule', () => {
		const rows = (crossing: typeof rc, rules = USUAL_RULES) =>
			factsOf(crossing, 'machine', rules)
				.map(({ text }) => text)
				.join(' ');
		expect(rows(layered([2, 1], [0, 1], knit))).toContain('at least 2 plain rows');
		expect(rows(rc)).toContain('at least 4 plain rows');
		expect(rows(rc)).not.toContain('Loosen');
		expect(rows(rc, rulesWith({ strainFrom: 2, plainRows: 3 }))).toMatch(/6 plain rows.*Loosen/);
		expect(widestSet(layered([1, 2, 3, 5, 4], [0, 0, 0, 0, 1], knit))).toBe(1);
	});

	it('says how long the front stitches are slipped so that they reach', () => {
		expect(rowsToSlip(rc, USUAL_RULES)).toEqual({ stitches: [3, 4], travel: 2, rows: 2 });
		expect(rowsToSlip(layered([4, 1, 2, 3], [1, 1, 1, 0], knit), { rowReach: 2 })).toEqual({
			stitches: [4],
			travel: 3,
			rows: 2
		});
	});
});
