import { gradeOf, printExercise } from '$core/formats/practice';
import { drill } from '$core/practice/drill';
import { eveningOf } from '$core/practice/evening';
import { KINDS, type Exercise, type Kind } from '$core/practice/exercise';
import { faultSeen, movesSaid, slipSeen } from '$core/practice/shown';
import { stripFor, subjectOf } from '$core/practice/subject';
import type { Report } from '$lib/client/errand.svelte';
import type { Asked, PracticeAnswer, PracticeQuestion } from './practiceErrand';

/** What can be asked of a cross, found out once. */
const able = new Map<string, readonly Kind[]>();

/** Makes the exercises of an evening, and plays answers, away from the page. */
addEventListener('message', ({ data }: MessageEvent<PracticeQuestion>) => {
	const answer: PracticeAnswer = data.is === 'grade' ? graded(data) : evening(data);
	postMessage({ answer } satisfies Report<PracticeAnswer>);
});

function graded({ exercise, answer }: Extract<PracticeQuestion, { is: 'grade' }>): PracticeAnswer {
	const grade = gradeOf({ exercise: printExercise(exercise), answer });
	const slip = exercise.kind === 'fault' && grade.ok && !grade.value.right ? grade.value.slip : undefined;
	return { is: 'grade', grade, slipped: slip === undefined ? null : slipSeen(exercise, slip) };
}

function evening({
	set,
	practised,
	now,
	seed,
	voice
}: Extract<PracticeQuestion, { is: 'evening' }>): PracticeAnswer {
	const learner = { medium: set.medium, level: set.level, hands: voice, terms: voice.terms };
	const made = (of: string, kind: Kind, at: number, free?: boolean) =>
		drill({ ...learner, free, crossings: [of], seed: seed + at, kinds: [kind], count: 1 });
	const kinds = (of: string) => {
		const key = `${set.medium} ${of}`;
		const known = able.get(key) ?? KINDS.filter((kind) => made(of, kind, 0).ok);
		able.set(key, known);
		return known;
	};
	const rowsOf = ({ of, kind, given }: Exercise): string | null => {
		if (kind !== 'chart') return (given.swatch as string | undefined) ?? null;
		const subject = subjectOf(of, learner);
		return subject.ok ? (stripFor(subject.value)?.text ?? null) : null;
	};
	const planned = eveningOf(set, practised, now, kinds);
	const asked = planned.items.flatMap(({ of, kind }, i): Asked[] => {
		// With a needle first; without one when the cross sits.
		const free = planned.practising.find((one) => one.of === of)?.free ?? false;
		const asked = made(of, kind, i, free);
		const exercises = asked.ok ? asked : made(of, kind, i);
		if (!exercises.ok) return [];
		const [exercise] = exercises.value;
		return [
			{
				exercise,
				words: kind === 'script' ? movesSaid(exercise, voice) : [],
				cloth: kind === 'fault' ? faultSeen(exercise) : null,
				rows: rowsOf(exercise)
			}
		];
	});
	return { is: 'evening', asked, next: planned.next, practising: planned.practising };
}
