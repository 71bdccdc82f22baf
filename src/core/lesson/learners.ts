import { inList } from '../english';
import type { Change, Learner, Lesson } from './lesson';

/** The list of who comes, with the counts that follow from it. */
export const setLearners = (learners: readonly Learner[]): Change => ({
	kind: 'set',
	fields: {
		learners,
		people: learners.length,
		leftHanded: learners.filter(({ hand }) => hand === 'left').length
	}
});

/** Who comes, by name; who has none is left out. */
export const namesOf = ({ learners }: Pick<Lesson, 'learners'>): string[] =>
	(learners ?? []).map(({ name }) => name.trim()).filter(Boolean);

/** Who of a class works left-handed, by name; how many where nobody is named; empty where none does. */
export function leftHandersSaid({
	learners,
	leftHanded = 0
}: Pick<Lesson, 'learners' | 'leftHanded'>): string {
	const named = (learners ?? []).filter(({ hand, name }) => hand === 'left' && name.trim() !== '');
	if (named.length > 0) return inList(named.map(({ name }) => name.trim()));
	return leftHanded === 0 ? '' : `${leftHanded} of the class`;
}
