import { describe, expect, it } from 'vitest';
import { applyChange } from '../lesson/change';
import { emptyLesson } from '../lesson/lesson';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { madeWays } from './made';
import { estimateOf } from './estimate';
import { putPicture, putWay } from './putCross';
import { USUAL_RATES } from './rates';

describe('a crossing that is put into a lesson', () => {
	const { crossing } = unwrap(readName('2/2 RC')).readings[0];
	const ids = () => {
		let count = 0;
		return () => `id-${++count}`;
	};

	it('is a way to show, with the crossing it teaches, as long as a lesson reckons it to be', () => {
		const empty = emptyLesson('Reeds');
		const ways = madeWays(crossing, empty);
		expect(ways.length).toBeGreaterThan(3);
		for (const way of ways) {
			const lesson = applyChange(empty, putWay(ids(), '2/2 RC', crossing, way, USUAL_RATES));
			expect(lesson.crossings).toEqual([{ id: 'id-2', name: '2/2 RC', crossing }]);
			const [part] = lesson.parts;
			expect(part).toMatchObject({ kind: 'show', way: way.id, crossing: 'id-2' });
			expect(part.title.toLowerCase()).toBe(`show 2/2 rc: ${way.title.toLowerCase()}`);
			expect(part.minutes).toBe(estimateOf(lesson, part));
		}
	});

	it('is a numbered picture where hands do not make it', () => {
		const lesson = applyChange(
			emptyLesson('Reeds'),
			putPicture(ids(), '2/2 RC', crossing, 'on the machine', USUAL_RATES)
		);
		const [part] = lesson.parts;
		expect(part).toMatchObject({ kind: 'picture', title: '2/2 RC, on the machine', crossing: 'id-2' });
		expect(part.minutes).toBe(estimateOf(lesson, part));
	});
});
