import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameCrossing } from '../crossing/crossing';
import { lean, type Lean } from '../crossing/lean';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { rowInFull, rowTold } from '../swatch/told';
import { isBed, type Medium } from '../technique/medium';
import { beginsAt, handed, handsAt, mirrorsFabric, RIGHT_HANDS, type Hands } from '../ways/handed';
import { sayIn } from '../ways/sayIn';
import { working } from '../../../tests/support/swatch';
import { slipShape } from './schema';
import { slipIn } from './slip';

const SETTINGS: readonly Hands[] = [
	RIGHT_HANDS,
	{ hand: 'left', keep: 'fabric' },
	{ hand: 'left', keep: 'words' }
];
const NAMES = ['2/2 RC', '2/2 LC', '1/2 RC', '3/1 LPC', '2/1/2 RC', '1/1 LC'];
const hands = fc.constantFrom(...SETTINGS);
const name = fc.constantFrom(...NAMES);
const crossingOf = (of: string, medium: Medium = 'hand') =>
	unwrap(readName(of, { medium })).readings[0].crossing;
const OTHER: Partial<Record<Lean, Lean>> = { right: 'left', left: 'right' };

describe('in every setting of hands, words say what the picture beside them shows', () => {
	it('a mistake leans the other way than the cloth that was meant', () => {
		let said = 0;
		for (const medium of ['hand', 'brioche', 'double', 'slipped', 'machine', 'loom'] as const)
			for (const voice of SETTINGS)
				for (const of of NAMES)
					for (const slip of slipShape.options) {
						const read = readName(of, { medium });
						if (!read.ok) continue;
						const named = read.value.readings[0].crossing;
						const told = slipIn({ medium, ways: ['cn-off'] }, named, of, slip, voice);
						const leans = /leans (right|left), not (right|left)/.exec(told.seen);
						if (!leans) continue;
						said++;
						const shown = lean(handed(named, voice, medium).cloth);
						expect(leans[2], `${medium} ${voice.hand} ${voice.keep} ${of} ${slip}`).toBe(shown);
						expect(leans[1]).toBe(OTHER[shown]);
						if (isBed(medium)) expect(handsAt(voice, medium).hand).toBe('right');
					}
		expect(said).toBeGreaterThan(30);
	});

	it('a row begins with what lies at the edge of the picture where these hands begin', () => {
		fc.assert(
			fc.property(
				hands,
				name,
				fc.integer({ min: 1, max: 9 }),
				fc.integer({ min: 1, max: 9 }),
				(voice, of, a, b) => {
					const wide = crossingOf(of).stitches;
					const text = `Cast on ${a + wide + b}.\nRow 1 (RS): p${a}, ${of}, k${b}.`;
					const { steps } = working(text);
					const [step] = steps;
					const everybodys = { left: `k${b}`, right: `p${a}` };
					const seen = mirrorsFabric(voice) ? { left: everybodys.right, right: everybodys.left } : everybodys;
					const first = seen[beginsAt('RS', voice)];
					for (const told of [rowTold(text, step, { ...voice, terms: 'us' }), rowInFull(step, voice)]) {
						expect(told.split(', ')[0].replace(/\.$/, '')).toBe(first);
						expect(told).toContain(of);
					}
				}
			)
		);
	});

	it('a sentence of the hands, obeyed, makes the cloth that is drawn', () => {
		fc.assert(
			fc.property(hands, name, (voice, of) => {
				const named = crossingOf(of);
				const said = sayIn(named, 'hand', { ...voice, terms: 'us' });
				if (!said.ok) return;
				const played = unwrap(readName(said.value, { medium: 'hand' })).readings[0].crossing;
				// A left hand obeys in the mirror.
				const made = handed(played, { ...voice, keep: 'words' }).cloth;
				expect(sameCrossing(made, handed(named, voice).cloth), `${voice.hand} ${voice.keep} ${of}`).toBe(
					true
				);
			})
		);
	});
});
