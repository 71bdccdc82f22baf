import { expect, test } from 'vitest';
import { crossing } from '../../../tests/support/taughtLesson';
import { inNumbers } from './words';

test('a cross is told in numbers, with what is no plain knit, and without its name', () => {
	expect(inNumbers(crossing('2/1 LPC'))).toBe('Stitches 3 1 2 after the cross, 1 over 3, 2 over 3, 3 purled');
	expect(inNumbers(crossing('1/1 RC'))).toBe('Stitches 2 1 after the cross, 2 over 1');
});
