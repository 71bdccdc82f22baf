import { KINDS_OF_PART, kindFacts, type PartKind } from '../lesson/kinds';
import type { Lesson } from '../lesson/lesson';

/** Kinds of part that a lesson has something for: some are about a cross, some about rows, and two swatches can be compared. */
export const addableTo = ({ crossings, swatches }: Lesson): PartKind[] =>
	KINDS_OF_PART.filter((kind) => {
		switch (kindFacts(kind).about) {
			case 'nothing':
				return true;
			case 'rows':
				return swatches.length > 0;
			case 'cross':
				return crossings.length > 0;
			case 'either':
				return crossings.length > 0 || swatches.length > 1;
		}
	});
