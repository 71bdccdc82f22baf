import { refuse } from './answer';
import { isAway, isFull, isTaken } from './pool';

/** Why a request cannot be answered now, though it may be asked again. */
export type Need = keyof typeof NEEDS;

/** What an API says of each need, and what stands over it where a page was asked for. */
const NEEDS = {
	away: {
		status: 503,
		title: 'The pond is out of reach',
		message: 'The database does not answer. Try again in a moment.'
	},
	busy: {
		status: 503,
		title: 'The pond is crowded',
		message: 'Too much was asked for at once. Try again in a moment.'
	},
	full: { status: 507, title: 'The pond is full', message: 'The disk is full; nothing you typed is lost.' },
	taken: {
		status: 409,
		title: 'This place is taken',
		message: 'This id is taken. Send it once more under another.'
	}
} as const;

/** What is missing, or in the way, where that is why something failed. */
export const needOf = (error: unknown): Need | undefined =>
	isFull(error) ? 'full' : isTaken(error) ? 'taken' : isAway(error) ? 'away' : undefined;

/** The answer to a request that something is missing for: JSON to the API, a page that needs nothing else to the rest. */
export function inNeed(need: Need, route: string | null): Response {
	const { status, title, message } = NEEDS[need];
	if (route?.startsWith('/api/')) return refuse(status, need, message);
	return new Response(page(title, message), {
		status,
		headers: {
			'content-type': 'text/html; charset=utf-8',
			'retry-after': '5',
			// Nobody has to press anything while it is only for a moment.
			...(status === 503 ? { refresh: '4' } : {})
		}
	});
}

const page = (
	title: string,
	message: string
) => `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<title>${title}</title><h1>${title}</h1><p>${message} What you typed is kept in this browser.
This page tries again by itself; or <a href="">open it again now</a>.</p></html>`;
