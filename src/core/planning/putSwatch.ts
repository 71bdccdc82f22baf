import { applyChange, AT_THE_END } from '../lesson/change';
import { emptyLesson, type Change, type Lesson } from '../lesson/lesson';
import { newPart } from './palette';
import type { Rates } from './rates';

/** The changes that put a swatch into a lesson: its rows, and a part that knits them together, as long as beginners take. */
export function putSwatch(newId: () => string, swatch: Lesson['swatches'][number], rates: Rates): Change[] {
	const rows: Change = { kind: 'put-swatch', swatch };
	const part = newPart(applyChange(emptyLesson(''), rows), 'swatch', newId(), undefined, rates)!;
	return [rows, { kind: 'add-part', part, after: AT_THE_END }];
}
