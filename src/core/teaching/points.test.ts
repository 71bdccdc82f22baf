import { describe, expect, it } from 'vitest';
import type { Voice } from '../hands/voice';
import { emptyLesson, type Lesson, type Part } from '../lesson/lesson';
import { LESSON_MEDIA } from '../lesson/schema';
import { rowsWorked } from '../lesson/rows';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { pointsOf } from './points';
import { ropesOf } from './ropes';

const voice: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };
const part = (kind: 'tension' | 'finish'): Part =>
	kind === 'tension'
		? { id: 'p', kind, title: '', minutes: 5, crossing: 'c' }
		: { id: 'p', kind, title: '', minutes: 5 };

function lessonOf(name: string, medium: Lesson['medium'] = 'hand'): Lesson {
	const [{ crossing }] = unwrap(readName(name, { medium })).readings;
	const taught = { id: 'c', name, crossing: { format: 'pond-loop/crossing@1' as const, ...crossing } };
	return { ...emptyLesson(name), medium, crossings: [taught] };
}

describe('slack and tension', () => {
	const said = (name: string, more: Partial<Voice> = {}, medium: Lesson['medium'] = 'hand') =>
		pointsOf(lessonOf(name, medium), part('tension'), { ...voice, ...more }).map(({ says }) => says);

	it('say which side gapes in this cross, for either hand', () => {
		expect(said('2/2 RC')[0]).toContain('At the right edge: stitch 3 is worked first and came over 2 places');
		expect(said('1/2 LC')[0]).toContain('stitch 2 is worked first and came over 1 place,');
		expect(said('2/2 RC', { hand: 'left' })[0]).toContain('At the left edge: stitch 3');
		expect(said('2/2 RC', { hand: 'left' })[3]).toContain('right leg in front');
	});

	it('say when a wide rope wants one more plain row', () => {
		expect(said('3/3 RC')[5]).toMatch(/^With 6 stitches, yes/);
		expect(said('2/2 RC')[5]).toMatch(/^Not with 4 stitches/);
	});

	it('show the same rope tight and loose, in every medium, without findings', () => {
		for (const medium of LESSON_MEDIA) {
			const lesson = lessonOf('2/2 RC', medium);
			const ropes = ropesOf(lesson, lesson.crossings[0]);
			const distances = ropes.map(({ text, crosses }) => {
				const { fabric } = unwrap(rowsWorked(text, medium));
				expect(fabric.problems.filter(({ severity }) => severity === 'error')).toEqual([]);
				return crosses[1] - crosses[0];
			});
			expect(distances).toHaveLength(2);
			expect(distances[1]).toBeGreaterThan(distances[0]);
			ropes.forEach(({ title }, i) => expect(title).toContain(`every ${distances[i]} rows`));
		}
	});
});

describe('finishing', () => {
	it('is said in the words of each medium and the terms of the reader', () => {
		const bound = (medium: Lesson['medium'], terms: 'us' | 'uk' = 'us') =>
			pointsOf(lessonOf('2/2 RC', medium), part('finish'), { ...voice, terms })[0];
		expect(bound('hand', 'uk')).toMatchObject({ title: 'Cast off' });
		expect(bound('machine').says).toMatch(/weights off.*latch tool/);
		expect(bound('loom').says).toMatch(/over its neighbour/);
		expect(bound('brioche').says).toMatch(/yarn-over/);
		expect(bound('double').says).toMatch(/pair at a time/);
		for (const medium of LESSON_MEDIA) expect(bound(medium).says).toMatch(/corner stays square/);
	});

	it('stretches past the wish by an eighth, in the lengths of the reader', () => {
		const pin = (units: 'cm' | 'in') =>
			pointsOf(lessonOf('2/2 RC'), part('finish'), { ...voice, units })[2].says;
		expect(pin('cm')).toContain('11.3 cm for 10 cm');
		expect(pin('in')).toContain('4½ in for 4 in');
	});
});
