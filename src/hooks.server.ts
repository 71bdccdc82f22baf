import { json, type Handle, type HandleServerError } from '@sveltejs/kit';
import { building } from '$app/environment';
import { log } from '$lib/server/log';
import { closeDatabase } from '$lib/server/pool';
import { onlyTeacher } from '$lib/server/store/teachers';

// adapter-node says so once no request is left to answer.
process.on('sveltekit:shutdown', () => void closeDatabase());

export const handle: Handle = async ({ event, resolve }) => {
	const began = performance.now();
	if (!building && event.route.id !== '/health') {
		try {
			event.locals.teacher = await onlyTeacher();
		} catch (error) {
			log.error({ err: error }, 'database does not answer');
			if (event.route.id?.startsWith('/api/'))
				return json(
					{ error: { code: 'away', message: 'The database does not answer. Try again in a moment.' } },
					{ status: 503 }
				);
			return new Response(AWAY_PAGE, {
				status: 503,
				headers: { 'content-type': 'text/html; charset=utf-8', 'retry-after': '5' }
			});
		}
	}
	const evening = event.locals.teacher?.settings.theme === 'evening';
	const response = await resolve(event, evening ? { transformPageChunk: byEvening } : undefined);
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'same-origin');
	log.info({
		method: event.request.method,
		path: event.url.pathname,
		status: response.status,
		ms: Math.round(performance.now() - began)
	});
	return response;
};

/** The page comes in the evening theme from its first byte on. */
const byEvening = ({ html }: { html: string }) => html.replace('data-theme="day"', 'data-theme="evening"');

/** Nothing of the inside reaches the page: the log has it, under the id that the page shows. */
export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { code: 'missing', message: 'There is nothing at this address.' };
	const id = crypto.randomUUID().slice(0, 8);
	log.error({ err: error, path: event.url.pathname, id }, message);
	return { code: 'broken', message: `Something broke on our side. The log has it under ${id}.` };
};

const AWAY_PAGE = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Pond Loop</title>
<h1>The pond is out of reach</h1><p>The database does not answer. What you typed is kept in this browser.
Wait a moment, then <a href="">open this page again</a>.</p></html>`;
