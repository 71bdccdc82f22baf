import { expect, it } from 'vitest';
import { sizeWorked } from '../fabric/fabric';
import { unwrap } from '../result';
import { chartQuestion } from './chartQuestion';

const ask = (text: string, voice: Partial<Parameters<typeof chartQuestion>[1]> = {}) => {
	const working = unwrap(sizeWorked(text));
	const steps = working.steps.map((_, i) => i);
	const words = { hand: 'right', keep: 'fabric', terms: 'us', ...voice } as const;
	return chartQuestion({ title: 'First rope', working, steps }, words, { id: 'q', minutes: 3 });
};

const ROPE = 'CO 9.\nRow 1 (RS): p3, k4, p2.\nRow 2: as they face.\nRow 3: p3, 2/2 RC, p2.';

it('a question from a chart asks what is passed before its first sign and what hands do there', () => {
	expect(ask(ROPE)).toMatchObject({
		kind: 'check',
		question: expect.stringContaining('Row 3 of the chart “First rope” has a sign over 4 boxes.'),
		answer: '3 stitches; then sl next 2 sts to cn and hold in back, k2, k2 from cn (2/2 RC).'
	});
});

it('counts from the other edge for a left-hander, who holds at the other side', () => {
	expect(ask(ROPE, { hand: 'left' })?.answer).toBe(
		'2 stitches; then sl next 2 sts to cn and hold in front, k2, k2 from cn (2/2 RC).'
	);
});

it('is as it is written for one who keeps the words', () => {
	expect(ask(ROPE, { hand: 'left', keep: 'words' })?.answer).toMatch(
		/^3 stitches; then sl next 2 sts to cn and hold in back/
	);
});

it('is none where no row crosses', () => {
	expect(ask('CO 4.\nRow 1: k4.')).toBeNull();
});
