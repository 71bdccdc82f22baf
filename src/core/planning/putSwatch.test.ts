import { expect, it } from 'vitest';
import { applyChange } from '../lesson/change';
import { emptyLesson } from '../lesson/lesson';
import { estimateOf } from './estimate';
import { putSwatch } from './putSwatch';
import { USUAL_RATES } from './rates';

it('a swatch that is put into a lesson is its rows, and a part that knits them together as long as they take', () => {
	const swatch = {
		id: 's',
		title: 'Eel',
		text: 'Cast on 8.\nRow 1 (RS): p2, 2/2 RC, p2.\nRow 2: k2, p4, k2.'
	};
	const lesson = putSwatch(() => 'p', swatch, USUAL_RATES).reduce(applyChange, emptyLesson('Reeds'));
	expect(lesson).toMatchObject({
		swatches: [swatch],
		parts: [{ id: 'p', kind: 'swatch', swatch: 's', title: 'Knit together: Eel' }]
	});
	expect(lesson.parts[0].minutes).toBe(estimateOf(lesson, lesson.parts[0]));
});
