import type { Handle, HandleServerError } from '@sveltejs/kit';
import { building } from '$app/environment';
import { signedIn } from '$lib/server/accounts';
import { refuse } from '$lib/server/answer';
import { stopJobs, wakeJobs } from '$lib/server/jobs';
import { log } from '$lib/server/log';
import { closeDatabase, isAway } from '$lib/server/pool';
import type { Teacher } from '$lib/server/store/teachers';

// adapter-node says so once no request is left to answer.
process.on('sveltekit:shutdown', () => void stopJobs().then(closeDatabase));

// What an earlier process left in the middle is taken up at the start.
if (!building) wakeJobs();

/** Routes that anybody may use. */
const OPEN_ROUTES = ['/sign-in', '/join', '/recover', '/health'];

export const handle: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	if (!building && event.route.id !== '/health') {
		let teacher: Teacher | null;
		try {
			teacher = await signedIn(event.cookies);
		} catch (error) {
			log.error({ err: error }, 'database does not answer');
			return away(event.route.id);
		}
		if (teacher) event.locals.teacher = teacher;
		else if (event.route.id !== null && !OPEN_ROUTES.includes(event.route.id)) {
			if (event.route.id.startsWith('/api/'))
				return refuse(
					401,
					'nobody',
					'Nobody is signed in here any more. Sign in again; what you typed is kept.'
				);
			const to = event.url.pathname + event.url.search;
			return toSignIn(to === '/' ? '/sign-in' : `/sign-in?to=${encodeURIComponent(to)}`);
		}
	}
	const evening = event.locals.teacher?.settings.theme === 'evening';
	const rendered = await resolve(event, evening ? { transformPageChunk: byEvening } : undefined);
	const response = event.locals.away ? away(event.route.id) : rendered;
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'same-origin');
	for (const [name, value] of Object.entries(GUARDS)) response.headers.set(name, value);
	if (event.url.protocol === 'https:') response.headers.set('strict-transport-security', 'max-age=31536000');
	// What is somebody's own is kept by no cache on the way.
	if (!response.headers.get('cache-control')?.startsWith('private, max-age'))
		response.headers.set('cache-control', 'private, no-store');
	log.info({
		method: event.request.method,
		path: event.url.pathname,
		status: response.status,
		ms: Math.round(performance.now() - began)
	});
	return response;
};

/** The answer while the database is away: what was asked can be asked again. */
const away = (route: string | null): Response =>
	route?.startsWith('/api/')
		? refuse(503, 'away', 'The database does not answer. Try again in a moment.')
		: new Response(AWAY_PAGE, {
				status: 503,
				headers: { 'content-type': 'text/html; charset=utf-8', 'retry-after': '5' }
			});

/** Other sites may not look in, nor lend us what we never ask for. */
const GUARDS = {
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

/** The page comes in the evening theme from its first byte on. */
const byEvening = ({ html }: { html: string }) => html.replace('data-theme="day"', 'data-theme="evening"');

/** Nothing of the inside reaches the page: the log has it, under the id that the page shows. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	event.locals.away = isAway(error);
	if (status === 404) return { code: 'missing', message: 'There is nothing at this address.' };
	const id = crypto.randomUUID().slice(0, 8);
	log.error({ err: error, path: event.url.pathname, id }, message);
	return { code: 'broken', message: `Something broke on our side. The log has it under ${id}.` };
};

const AWAY_PAGE = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Pond Loop</title>
<h1>The pond is out of reach</h1><p>The database does not answer. What you typed is kept in this browser.
Wait a moment, then <a href="">open this page again</a>.</p></html>`;
