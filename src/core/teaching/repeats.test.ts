import { describe, expect, it } from 'vitest';
import type { Part } from '../lesson/lesson';
import { repeatsOf } from './repeats';
import { parts } from '../../../tests/support/taughtLesson';

describe('the times a part is shown', () => {
	const show = parts[1] as Extract<Part, { kind: 'show' }>;
	const said = (fields: Partial<typeof show>) =>
		repeatsOf({ ...show, ...fields }, { yarnHand: 'right' }).map((one) => one.said);

	it('are said, the second slower', () => expect(said({})).toEqual(['first time', 'second time, slower']));
	it('are silent when there is one', () => expect(said({ times: 1, pace: 'steady' })).toEqual(['']));
	it('come for both hands that carry the yarn', () => {
		expect(said({ yarnHands: 'both', times: 1, pace: 'steady' })).toEqual([
			'yarn in the right hand',
			'yarn in the left hand'
		]);
		const both = repeatsOf({ ...show, yarnHands: 'both' }, { yarnHand: 'left' });
		expect(both.map(({ yarnHand }) => yarnHand)).toEqual(['left', 'left', 'right', 'right']);
	});
	it('has words to the twelfth, and numbers after it', () => {
		const many = said({ times: 23, pace: 'steady' });
		expect([many[10], many[12], many[20], many[21], many[22]]).toEqual([
			'eleventh time',
			'13th time',
			'21st time',
			'22nd time',
			'23rd time'
		]);
	});
});
