import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing, twoGroupCrossing } from '../../../tests/support/arbitrary';
import { readBedSteps, readStep } from '../../../tests/support/stepReader';
import type { Crossing } from '../crossing/crossing';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { inMedium, type Medium } from '../technique/medium';
import { bedWaysOf } from '../ways/bed';
import { handed } from '../ways/handed';
import { waysOf } from '../ways/ways';
import { bedOutcome, playBed } from './bed';
import { bedScriptOf } from './bedSentence';
import { outcome, play } from './play';
import { scriptOf } from './steps';
import type { Voice } from './voice';

const HANDS = (['right', 'left'] as const).flatMap((hand) =>
	(['fabric', 'words'] as const).flatMap((keep) =>
		(['us', 'uk'] as const).map((terms): Voice => ({ hand, keep, yarnHand: 'left', terms, units: 'cm' }))
	)
);

/** The words of every way, read back by somebody who has nothing else, make the crossing. */
function expectPlayedBack(crossing: Crossing, medium: Medium = 'hand', hands = HANDS): void {
	for (const voice of hands) {
		const { played } = handed(crossing, voice);
		for (const way of waysOf(played)) {
			const { told } = scriptOf(played, way.moves, voice, { medium });
			const read = told.slice(0, -1).map(({ sentence }) => readStep(sentence, voice.hand));
			const again = play(played.stitches, read);
			if (!again.ok) throw new Error(`${way.id}: ${again.error.message}`);
			const { agrees, ...result } = outcome(played, again.value);
			expect({ ...result, agrees, id: way.id }).toEqual({ ...way.result, agrees: true, id: way.id });
			// The numbers a sentence names are the stitches that are there.
			expect(scriptOf(played, again.value.moves, voice, { medium }).told).toEqual(told);
		}
	}
}

describe('the sentences of a script, played back', () => {
	it('make every crossing of two and three groups, in every way and for every hand', () => {
		fc.assert(
			fc.property(
				fc.oneof(twoGroupCrossing, anyCrossing({ groups: { min: 2, max: 3 }, most: 8 })),
				(crossing) => expectPlayedBack(crossing)
			),
			{ numRuns: 40 }
		);
	});

	it.each([
		...['1/1 RC', '1/1 LC', '1/1 RPC', '1/1 LPC', '1/1 RC tbl', '1/1 LC tbl', '1/1/1 RC', '1/1/1 RPC'],
		...['2/1/2 LC', '3/3 RC tbl', '2/1 LPC', '1/2 RPC']
	])('make %s', (name) => {
		for (const { crossing } of unwrap(readName(name)).readings) expectPlayedBack(crossing);
	});

	it('make every crossing that a machine or a loom has a way for', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 2, max: 3 } }),
				fc.constantFrom(
					...([
						['machine', 'outside'],
						['loom', 'outside'],
						['loom', 'inside']
					] as const)
				),
				(crossing, [medium, parked]) => {
					const plain = { ...crossing, work: crossing.work.map(() => 'k' as const) };
					for (const { moves } of bedWaysOf(plain, medium, { parked })) {
						const { told } = bedScriptOf(plain, moves, medium);
						const read = readBedSteps(told.slice(0, -1).map(({ sentence }) => sentence));
						expect(bedOutcome(plain, unwrap(playBed(plain.stitches, read, medium))).agrees).toBe(true);
					}
				}
			)
		);
	});

	it.each([
		['2/2 RC', 'brioche'],
		['1/1/1 LC', 'brioche'],
		['2/2 LC', 'double'],
		['1/1 RC', 'double-front'],
		['2/2 RC', 'twisted'],
		['3/3 LC', 'slipped']
	] as const)('make %s in %s', (name, medium) => {
		const [{ crossing }] = unwrap(readName(name)).readings;
		expectPlayedBack(unwrap(inMedium(crossing, medium)), medium);
	});
});
