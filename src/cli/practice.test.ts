import { expect, it } from 'vitest';
import { run } from './run';

const asked = (verb: string, input: unknown) => {
	const answer = run([verb], JSON.stringify(input));
	return answer.ok ? answer.value : answer.error;
};

it('drills on the command line, and grades what came of it', () => {
	const drill = { crossings: ['2/2 RC'], level: 'beginner', seed: 3, count: 10 };
	const { exercises } = asked('drill', drill) as { exercises: { kind: string; answer: unknown }[] };
	expect(exercises).toHaveLength(10);
	// As they are printed they can be graded: nothing of them is lost on the way.
	for (const exercise of exercises)
		expect(asked('grade', { exercise, answer: exercise.answer }), exercise.kind).toMatchObject({
			right: true
		});
	expect(asked('drill', { ...drill, seed: 'x' })).toMatchObject({ code: 'unreadable' });
	expect(
		asked('drill', { ...drill, crossings: ['2/2 RC'], kinds: ['hold'], medium: 'machine' })
	).toMatchObject({
		code: 'conflict'
	});
	expect(asked('grade', {})).toMatchObject({ code: 'unreadable' });
});
