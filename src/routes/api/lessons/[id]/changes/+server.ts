import { json } from '@sveltejs/kit';
import { parseCrossing } from '$core/formats/crossing';
import { parseLesson } from '$core/formats/lesson';
import type { Change } from '$core/lesson/lesson';
import { soundLesson } from '$core/lesson/sound';
import { good, type Result } from '$core/result';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { takeChange } from '$lib/server/store/lessons';
import { sentChangeShape } from '$lib/wire/lesson';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentChangeShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	if (!isId(params.id)) return noSuchLesson();
	const sound = crossingsIn(body.value.change);
	if (!sound.ok) return refuse(422, sound.error.code, sound.error.message);
	const kept = await takeChange(locals.teacher.id, params.id, body.value, soundLesson);
	if (kept === null) return noSuchLesson();
	if ('error' in kept) return refuse(422, kept.error.code, kept.error.message);
	const { version, lesson, clash } = kept;
	if (clash) {
		const message = 'Another page wrote in the same place. Open the lesson and choose which one stands.';
		return json({ error: { code: 'clash', message }, clash, version, lesson }, { status: 409 });
	}
	return json(version === body.value.since + 1 ? { version } : { version, lesson });
};

/** What a change says of crossings must be possible in cloth. */
function crossingsIn(change: Change): Result<unknown> {
	if (change.kind === 'add-part' && change.teaches) return parseCrossing(change.teaches.crossing);
	if (change.kind === 'set-crossing' && change.fields.crossing) return parseCrossing(change.fields.crossing);
	return change.kind === 'restore' ? parseLesson(change.lesson) : good(change);
}
