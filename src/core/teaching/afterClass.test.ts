import { describe, expect, it } from 'vitest';
import { droppedLesson, minutesAsTaken } from './afterClass';
import { classShape, minutesTaken } from './classRecord';
import { lesson, parts, record, taken } from '../../../tests/support/taughtLesson';

describe('after class', () => {
	const given = record(
		taken(parts[0], 500),
		taken(parts[1], 0),
		taken(parts[2], 905),
		taken(parts[4], 0, { dropped: true })
	);

	it('is kept in its open format', () => {
		expect(classShape.safeParse(JSON.parse(JSON.stringify(given))).success).toBe(true);
		expect(minutesTaken(given)).toBe(23);
	});

	it('gives parts the minutes they took, those alone that were on', () => {
		expect(minutesAsTaken(lesson, given)).toEqual([{ part: 'hello', title: 'Hello', was: 6, minutes: 9 }]);
	});

	it('puts what was left out into a lesson of its own', () => {
		expect(droppedLesson(lesson, given)).toMatchObject({
			title: 'Two over two: what was left',
			parts: [{ id: 'again' }],
			minutes: 15
		});
		expect(droppedLesson(lesson, record(taken(parts[0], 500)))).toBeNull();
	});
});
