import { good, fault, type Result } from '../result';
import type { Exercise, Kind } from './exercise';
import { KINDS } from './exercise';
import { MAKERS } from './makers';
import { Chance } from './random';
import { subjectOf, type Learner, type Subject } from './subject';

/** What is to be practised: crossings by name, who by, and how much. The same seed makes the same exercises. */
export interface Drill extends Learner {
	readonly crossings: readonly string[];
	readonly seed: number;
	readonly kinds: readonly Kind[];
	readonly count: number;
}

/**
 * As many exercises as are asked for, kinds in turn. A kind that none of the crossings has anything for, or that the medium
 * has not, is left out; `conflict` where none of the kinds is left.
 */
export function drill({ crossings, seed, kinds, count, ...learner }: Drill): Result<Exercise[]> {
	const subjects: Subject[] = [];
	for (const name of crossings) {
		const subject = subjectOf(name, learner);
		if (!subject.ok) return subject;
		subjects.push(subject.value);
	}
	const chance = new Chance(seed);
	// Who can be asked what: found out once, with chances of its own, so that each exercise has fresh ones.
	const left = KINDS.filter((kind) => kinds.includes(kind)).flatMap((kind) => {
		const able = subjects.filter((subject) => MAKERS[kind](subject, new Chance(seed)) !== null);
		return able.length > 0 ? [{ kind, able }] : [];
	});
	if (left.length === 0)
		return fault(
			'conflict',
			`Nothing can be asked of ${crossings.join(', ')} in ${kinds.length === 1 ? `the kind “${kinds[0]}”` : 'these kinds'}: there are no three different choices, or the medium has not that.`
		);
	const made: Exercise[] = [];
	const turns = new Map<Kind, number>();
	while (made.length < count) {
		const { kind, able } = left[made.length % left.length];
		const turn = turns.get(kind) ?? chance.below(able.length);
		turns.set(kind, turn + 1);
		const subject = able[turn % able.length];
		const asked = MAKERS[kind](subject, chance)!;
		made.push({ id: `${kind}-${made.length + 1}`, kind, of: subject.of, ...asked });
	}
	return good(made);
}
