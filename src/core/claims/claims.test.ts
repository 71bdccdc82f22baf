import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLAIMS } from '../../../tests/support/claims';
import { vectors } from '../../../tests/support/vectors';
import { claimsIn, RIGHT } from './claims';
import type { About, Claim } from './claim';
import { readName } from '../naming/read';
import { unwrap } from '../result';

interface Case {
	readonly input: {
		readonly text: string;
		readonly about: readonly About[];
		readonly hand?: 'right' | 'left';
		readonly keep?: 'words' | 'fabric';
	};
	readonly claims: readonly { readonly kind: string; readonly holds: boolean | null }[];
}

const said = (claims: readonly Claim[]) =>
	claims
		.map(({ kind, of, holds }) => `${kind}${of === null ? ' of all' : of > 0 ? ` of ${of}` : ''}: ${holds}`)
		.join(', ') || 'nothing';
const named = (...names: string[]): About[] => names.map((name) => ({ name }));

/** Every false claim has a mend, after which the same clause claims what is true. */
function mended(text: string, about: readonly About[], hands = RIGHT) {
	for (const { kind, from, holds, mend } of claimsIn(text, about, hands)) {
		if (holds !== false) {
			expect(mend).toBeNull();
			continue;
		}
		expect(mend, text).not.toBeNull();
		const now = `${text.slice(0, mend!.from)}${mend!.text}${text.slice(mend!.to)}`;
		const again = claimsIn(now, about, hands).find(
			(one) => one.kind === kind && Math.abs(one.from - from) < 2
		);
		expect(again?.holds, now).toBe(true);
	}
}

describe('what a text claims of crosses', () => {
	it.each((vectors('claims.json') as Case[]).map((one) => [one.input.text, one] as const))(
		'%s',
		(text, { input: { about, hand = 'right', keep = 'fabric' }, claims }) => {
			const found = claimsIn(text, about, { hand, keep });
			expect(found.map(({ kind, holds }) => ({ kind, holds }))).toEqual(
				claims.map(({ kind, holds }) => ({ kind, holds }))
			);
			mended(text, about, { hand, keep });
		}
	);

	it.each(CLAIMS.map((one) => [one.text, one] as const))('“%s”', (text, { names, hand, keep, claims }) => {
		expect(said(claimsIn(text, named(...names), { hand, keep }))).toBe(claims);
		mended(text, named(...names), { hand, keep });
	});

	it('stands where its clause stands', () => {
		const text = 'Look here. Hold two in front, knit two, and it leans right.';
		const found = claimsIn(text, named('2/2 LC'));
		expect(found.map(({ from, to }) => text.slice(from, to))).toEqual([
			'Hold two in front',
			'it leans right.'
		]);
		expect(found[1]).toMatchObject({ because: '2/2 LC leans left.', mend: { text: 'left' } });
	});

	it('goes by the crossing that is given before its name', () => {
		const { crossing } = unwrap(readName('4/4 LC')).readings[0];
		expect(said(claimsIn('It has eight stitches.', [{ name: 'C4F', crossing }]))).toBe('count: true');
		expect(said(claimsIn('It has four stitches.', [{ name: 'C4F', crossing }]))).toBe('count: false');
	});

	it('is what a cross is, however it is made and said', () => {
		const sizes = fc.integer({ min: 1, max: 6 });
		const lean = fc.constantFrom('R', 'L');
		fc.assert(
			fc.property(sizes, sizes, lean, fc.boolean(), fc.boolean(), (front, behind, side, purl, left) => {
				const name = `${front}/${behind} ${side}${purl ? 'P' : ''}C`;
				const hands = left ? ({ hand: 'left', keep: 'fabric' } as const) : RIGHT;
				// A left-hander works the mirror image: what she holds, and where, is that of the other lean.
				const right = (side === 'R') !== left;
				const [first, second] = right ? [behind, front] : [front, behind];
				const n = front + behind;
				const at = right ? 'at the back' : 'in front';
				const list = (from: number, to: number) =>
					`${to > from ? 'Stitches' : 'Stitch'} ${Array.from({ length: to - from + 1 }, (_, i) => from + i).join(', ')}`;
				const [fronts, behinds] = right
					? [list(first + 1, n), list(1, first)]
					: [list(1, first), list(first + 1, n)];
				const truths = [
					`Hold the first ${first} ${at}.`,
					`Never hold them ${right ? 'in front' : 'at the back'}.`,
					`The rope leans ${side === 'R' ? 'right' : 'left'}.`,
					`It does not lean ${side === 'R' ? 'left' : 'right'}.`,
					`The cross has ${n} stitches.`,
					`Put ${first} stitches on the cable needle.`,
					`${fronts} pass over the others.`,
					`${behinds} lie behind.`,
					`The last ${second} stitches are worked first.`,
					`${purl ? 'Purl' : 'Knit'} the ones that pass behind.`,
					'Knit the ones in front.',
					`If you hold them ${right ? 'in front' : 'at the back'}, it leans ${side === 'R' ? 'left' : 'right'}.`
				];
				for (const text of truths) {
					const found = claimsIn(text, named(name), hands);
					expect(said(found), `${name}: ${text}`).toMatch(/^[\w-]+: true$/);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('answers every text, and every place lies in it', () => {
		const words = fc.constantFrom(
			...'hold slip two three first last stitches stitch 3 and 4 , . ; : - in front at the back behind over under leans left right if when or not never 2/2 RC C4F purl knit the held ones cable needle it they becomes order mirror both all ? ! " ( )'.split(
				' '
			)
		);
		const texts = fc.oneof(
			fc.array(words, { maxLength: 30 }).map((list) => list.join(' ')),
			fc.string({ unit: 'binary', maxLength: 80 })
		);
		fc.assert(
			fc.property(texts, fc.boolean(), (text, left) => {
				const about = named('2/2 RC', 'C4F', '2/1/2 LC', 'otter');
				for (const one of claimsIn(text, about, { hand: left ? 'left' : 'right', keep: 'words' })) {
					expect(one.from).toBeGreaterThanOrEqual(0);
					expect(one.to).toBeLessThanOrEqual(text.length);
					expect(one.to).toBeGreaterThan(one.from);
				}
			}),
			{ numRuns: 300 }
		);
	});
});
