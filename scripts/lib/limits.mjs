/** Largest bodies that are taken, in bytes: of a form, of JSON, of a picture, of an archive with its pictures. */
const KB = 1024;
const MB = 1024 * KB;
const FORM = 16 * KB;
const JSON_BODY = 256 * KB;
/** A lesson of 400,000 characters, each of three bytes at most, with what is sent beside it. */
const LESSON = 1_280 * KB;
const PICTURE = 16 * MB;
const ARCHIVE = 256 * MB;

/**
 * How large the body of a request may be.
 * @param {string} path
 * @param {string} type its media type
 */
function mostFor(path, type) {
	if (path === '/account/archive') return ARCHIVE;
	if (/^\/api\/pictures\/[^/]+$/.test(path)) return PICTURE;
	if (/^\/api\/lessons(?:\/|$)/.test(path)) return LESSON;
	return /^(?:application\/x-www-form-urlencoded|multipart\/form-data|text\/plain)\b/i.test(type)
		? FORM
		: JSON_BODY;
}

/** @param {number} bytes */
const inWords = (bytes) => (bytes >= MB ? `${bytes / MB} MB` : `${bytes / KB} kB`);

/** @typedef {{ status: number, code: string, message: string }} Refused */

/**
 * What is wrong with a request, by its head alone; null where nothing is. Only bodies that say how long they are can be
 * judged before a byte of them is read, so the others are refused as well: nobody can fill the memory of the server (RFC
 * 9110, 15.5.12, 15.5.14 and 15.5.20).
 *
 * @param {import('node:http').IncomingMessage} request
 * @param {(header: string | undefined) => boolean} isOurs whether a Host is one of our names
 * @returns {Refused | null}
 */
export function refusedByHead({ url, headers }, isOurs) {
	if (!isOurs(headers.host))
		return {
			status: 421,
			code: 'host',
			message:
				'This server does not go by that name. Open it at the address it printed, or start it with --origin.'
		};
	let pathname;
	try {
		({ pathname } = new URL(url ?? '/', 'http://pond.invalid'));
	} catch {
		return { status: 400, code: 'unreadable', message: 'This is no address that can be read.' };
	}
	if (headers['transfer-encoding'] !== undefined)
		return {
			status: 411,
			code: 'size',
			message: 'This body does not say how long it is. Send it with a Content-Length.'
		};
	const most = mostFor(pathname, headers['content-type'] ?? '');
	if (Number(headers['content-length'] ?? 0) > most)
		return {
			status: 413,
			code: 'size',
			message: `This is larger than the ${inWords(most)} that are taken here. Send less at a time.`
		};
	return null;
}

/**
 * @param {import('node:http').ServerResponse} response
 * @param {Refused} refused
 */
export function refuse(response, { status, code, message }) {
	response.writeHead(status, { 'content-type': 'application/json', connection: 'close' });
	response.end(JSON.stringify({ error: { code, message } }));
}
