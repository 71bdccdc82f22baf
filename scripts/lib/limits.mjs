/** Largest bodies that are taken, in bytes: of a form, of JSON, of a picture, of an archive with its pictures. */
const KB = 1024;
const MB = 1024 * KB;
const FORM = 16 * KB;
const JSON_BODY = 256 * KB;
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
	return /^(?:application\/x-www-form-urlencoded|multipart\/form-data|text\/plain)\b/i.test(type)
		? FORM
		: JSON_BODY;
}

/** @param {number} bytes */
const inWords = (bytes) => (bytes >= MB ? `${bytes / MB} MB` : `${bytes / KB} kB`);

/**
 * Lets requests through whose bodies are small enough, and answers the others before a byte of them is read: nobody can
 * fill the memory of the server. Only bodies that say how long they are can be judged, so the others are refused as well
 * (RFC 9110, 15.5.12 and 15.5.14).
 * @param {import('node:http').RequestListener} handler
 * @returns {import('node:http').RequestListener}
 */
export const limited = (handler) => (request, response) => {
	const { pathname } = new URL(request.url ?? '/', 'http://pond.invalid');
	const most = mostFor(pathname, request.headers['content-type'] ?? '');
	const length = request.headers['content-length'];
	if (request.headers['transfer-encoding'] !== undefined)
		return refuse(response, 411, 'This body does not say how long it is. Send it with a Content-Length.');
	if (length !== undefined && Number(length) > most)
		return refuse(
			response,
			413,
			`This is larger than the ${inWords(most)} that are taken here. Send less at a time.`
		);
	handler(request, response);
};

/**
 * @param {import('node:http').ServerResponse} response
 * @param {number} status
 * @param {string} message
 */
function refuse(response, status, message) {
	response.writeHead(status, { 'content-type': 'application/json', connection: 'close' });
	response.end(JSON.stringify({ error: { code: 'size', message } }));
}
