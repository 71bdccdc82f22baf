import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import lesson from '../../../db/demo/first-two-leans.json';
import { newId } from '$lib/client/id';
import { postJson } from '$lib/client/requests';
import { LESSONS } from '$lib/wire/lesson';

/** Puts the sample lesson among the teacher's own and opens it; gives what went wrong in words, if something did. */
export async function openSample(): Promise<string | null> {
	const id = newId();
	const title = `${lesson.title} (a sample)`;
	const document = { ...lesson, title, starts: undefined };
	const trouble = await postJson(LESSONS, { lessonId: id, title, document });
	if (!trouble) await goto(resolve('/lessons/[id]', { id }));
	return trouble;
}
