import type { Lesson } from './lesson';

/** What a teacher keeps to herself: who else comes, what there is time for besides, and how she reckons. */
const HERS: readonly (keyof Lesson)[] = ['learners', 'people', 'leftHanded', 'more', 'rules'];

/** A lesson as learners get it: what it teaches, and nothing that is its teacher's alone. */
export const forLearners = (lesson: Lesson): Lesson =>
	Object.fromEntries(
		Object.entries(lesson).filter(([field]) => !HERS.includes(field as keyof Lesson))
	) as Lesson;
