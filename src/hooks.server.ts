import type { Handle, HandleServerError, RequestEvent } from '@sveltejs/kit';
import { building } from '$app/environment';
import { signedIn, unlessFull } from '$lib/server/accounts';
import { refuse } from '$lib/server/answer';
import { demoOfToday } from '$lib/server/demo';
import { endStreams } from '$lib/server/events';
import { stopJobs, wakeJobs } from '$lib/server/jobs';
import { stopListening } from '$lib/server/live';
import { log } from '$lib/server/log';
import { inNeed, needOf } from '$lib/server/need';
import { movedTo } from '$lib/server/moved';
import { closeDatabase } from '$lib/server/pool';
import type { Teacher } from '$lib/server/store/teachers';
import { noRoom, roomLeft } from '$lib/server/room';
import { Turns } from '$lib/server/turns';

process.on('pond:stopping', endStreams);
// adapter-node says so once no request is left to answer.
process.on('sveltekit:shutdown', () => void stopJobs().then(stopListening).then(closeDatabase));

// What an earlier process left in the middle is taken up at the start.
if (!building) wakeJobs();

/** Routes that anybody may use. */
const OPEN_ROUTES = ['/sign-in', '/join', '/recover', '/health'];
/** Routes of learners: they need no account, only the code of their class, or a link of their own. */
const LEARNER_ROUTES = /^\/(?:api\/)?(?:follow|practice)(?:\/|$)/;

/** Requests of one teacher that are answered at once, how many of hers wait, and how long. */
const turns = new Turns(3, 60, 5_000);
/**
 * The same for learners: those who follow one class together, those who practise each by herself. A whole class opens the same
 * address within seconds, and waits for it rather than be sent away.
 */
const classTurns = new Turns(6, 1_200, 20_000);

export const handle: Handle = async (input) => {
	const began = performance.now();
	const { event } = input;
	const response = await answered(input);
	for (const [name, value] of Object.entries(GUARDS)) response.headers.set(name, value);
	if (event.url.protocol === 'https:') response.headers.set('strict-transport-security', 'max-age=31536000');
	// What is somebody's own is kept by no cache on the way.
	if (!response.headers.get('cache-control')?.startsWith('private, max-age'))
		response.headers.set('cache-control', 'private, no-store');
	// Whoever serves notes what is denied, with the address.
	log.info({
		method: event.request.method,
		path: pathLogged(event),
		status: response.status,
		ms: Math.round(performance.now() - began)
	});
	return response;
};

/** What was asked for, as the log may have it: what opens something by itself is no matter of the log's. */
const pathLogged = ({ route: { id }, url }: RequestEvent): string =>
	id !== null && LEARNER_ROUTES.test(id) ? id : url.pathname;

/** The answer to a request, in its teacher's turn. */
async function answered({ event, resolve }: Parameters<Handle>[0]): Promise<Response> {
	const route = event.route.id;
	const moved = route === null ? movedTo(event.url) : null;
	if (moved) return new Response(null, { status: 308, headers: { location: moved } });
	if (building || route === '/health') return resolve(event);
	if (route !== null && LEARNER_ROUTES.test(route))
		return inTurn(classTurns, event.params.code ?? event.params.link ?? '', event, () =>
			shown(event, resolve)
		);
	let teacher: Teacher | null;
	try {
		teacher = await signedIn(event.cookies);
		if (teacher?.demo) await demoOfToday().catch(unlessFull);
	} catch (error) {
		log.error({ err: error }, 'database does not answer');
		return inNeed('away', route);
	}
	if (!teacher) return route === null || OPEN_ROUTES.includes(route) ? shown(event, resolve) : nobody(event);
	event.locals.teacher = teacher;
	return inTurn(turns, teacher.id, event, async () => {
		// Without the database to ask, the request itself says so.
		const full = adds(event) && (await roomLeft(teacher).catch(() => 1)) <= 0;
		return full ? refuse(413, 'size', noRoom(teacher)) : shown(event, resolve);
	});
}

/** Answers once it is the turn of whoever asks. */
async function inTurn(
	all: Turns,
	name: string,
	{ route }: RequestEvent,
	answer: () => Promise<Response>
): Promise<Response> {
	const back = await all.take(name);
	if (!back) return inNeed('busy', route.id);
	try {
		return await answer();
	} finally {
		back();
	}
}

/** Whether a request may add to what its teacher keeps. */
const adds = ({ request, route: { id } }: RequestEvent): boolean =>
	request.method === 'POST' && id !== null && /^\/api\/(?!.*\/removed$)|^\/account\/archive$/.test(id);

async function shown(event: RequestEvent, resolve: Parameters<Handle>[0]['resolve']): Promise<Response> {
	const theme = event.locals.teacher?.settings.theme ?? 'system';
	const rendered = await resolve(event, theme === 'day' ? undefined : { transformPageChunk: inLight(theme) });
	return event.locals.need ? inNeed(event.locals.need, event.route.id) : rendered;
}

function nobody({ route, url }: RequestEvent): Response {
	if (route.id?.startsWith('/api/'))
		return refuse(401, 'nobody', 'Nobody is signed in here any more. Sign in again; what you typed is kept.');
	const to = url.pathname + url.search;
	return toSignIn(to === '/' ? '/sign-in' : `/sign-in?to=${encodeURIComponent(to)}`);
}

/** Other sites may not look in, nor lend us what we never ask for. */
const GUARDS = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), browsing-topics=()'
};

/** Leads on to the sign-in page, with a note for those who do not follow by themselves (RFC 9110, 15.4.4). */
const toSignIn = (location: string) =>
	new Response(
		`<!doctype html><html lang="en"><meta charset="utf-8"><title>Pond Loop</title><p><a href="${location}">Sign in</a></p></html>`,
		{ status: 303, headers: { location, 'content-type': 'text/html; charset=utf-8' } }
	);

/** The page comes in its theme from its first byte on, or asks the device for it before anything is drawn. */
const inLight =
	(theme: 'system' | 'evening') =>
	({ html }: { html: string }) =>
		html.replace(
			'<html lang="en" data-theme="day"',
			`<html lang="en" data-theme="${theme === 'system' ? 'day" data-light="system' : theme}"`
		);

/** Nothing of the inside reaches the page: the log has it, under the id that the page shows. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	event.locals.need = needOf(error);
	if (status === 404) return { code: 'missing', message: 'There is nothing at this address.' };
	if (status < 500)
		return { code: 'unreadable', message: `This cannot be asked for in this way: ${message}.` };
	const id = crypto.randomUUID().slice(0, 8);
	log.error({ err: error, path: pathLogged(event), id }, message);
	return { code: 'broken', message: `Something broke on our side. The log has it under ${id}.` };
};
