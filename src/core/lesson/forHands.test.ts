import { describe, expect, it } from 'vitest';
import { unwrap } from '../result';
import { leftSaid } from '../planning/leftSaid';
import { readName } from '../naming/read';
import { textFor } from './forHands';

describe('what a part tells', () => {
	const { crossing } = unwrap(readName('2/2 RC', { medium: 'hand' })).readings[0];
	const said = leftSaid({ medium: 'hand' }, crossing);
	const text = `Slowly, twice.\n\n${said}\n \n**Left-handers:** sit opposite.\n\nThen by themselves.`;

	it('has nothing of left hands for right ones, wherever it stands', () => {
		expect(textFor(text, { hand: 'right', keep: 'fabric' })).toBe('Slowly, twice.\n\nThen by themselves.');
		expect(textFor(said, { hand: 'right', keep: 'fabric' })).toBe('');
	});

	it('says how the fabric is kept to whoever keeps it', () => {
		expect(textFor(text, { hand: 'left', keep: 'fabric' })).toBe(text.replace('\n \n', '\n\n'));
		expect(textFor(text, { hand: 'left', keep: 'words' })).toBe(
			'Slowly, twice.\n\n**Left-handers:** sit opposite.\n\nThen by themselves.'
		);
	});

	it('leaves a paragraph that only mentions them', () => {
		const both = 'Sit so that left-handers face you.';
		expect(textFor(both, { hand: 'right', keep: 'fabric' })).toBe(both);
	});
});
