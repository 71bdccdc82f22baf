import { expect, it } from 'vitest';
import { marksOf } from './tape';

it('a tape has a number at every unit, and its parts between', () => {
	const cm = marksOf(25, 'cm');
	expect(cm).toHaveLength(26);
	expect(cm.filter(({ says }) => says).map(({ mm, says }) => [mm, says])).toEqual([
		[0, '0'],
		[10, '1'],
		[20, '2']
	]);
	expect(cm[5].length).toBe('middle');
	const inches = marksOf(60, 'in');
	expect(inches.filter(({ says }) => says).at(-1)).toEqual({ mm: 50.8, length: 'long', says: '2' });
	expect(inches[4]).toEqual({ mm: 12.7, length: 'middle' });
});
