/** How often something is sent on a quiet stream, so that whoever is at its other end, or is not, is noticed within ten seconds. */
const BEAT_MS = 3_000;
/** Events that wait for a slow reader before its stream is ended: it comes back, and is told how things stand. */
const MOST_WAITING = 32;
/** Streams that one process holds open: of phones, and of teachers, who never wait for a place behind a class of many. */
const MOST_STREAMS = { phone: 800, teacher: 200 } as const;
export type StreamOf = keyof typeof MOST_STREAMS;

const open = new Map<() => void, StreamOf>();
const encoder = new TextEncoder();

/** Whether one more stream would be too many for this process. */
export const streamsFull = (of: StreamOf): boolean =>
	[...open.values()].filter((one) => one === of).length >= MOST_STREAMS[of];

/**
 * A response of server-sent events (WHATWG HTML, 9.2), each of them JSON.
 *
 * @param of who reads it
 * @param begin is given what sends; returns what is done once nobody reads any more
 */
export function eventStream(of: StreamOf, begin: (send: (event: unknown) => void) => () => void): Response {
	let end = () => {};
	const start = (controller: ReadableStreamDefaultController<Uint8Array>) => {
		let stop = () => {};
		const put = (text: string) => {
			if (!open.has(end)) return;
			if ((controller.desiredSize ?? 0) < -MOST_WAITING) end();
			else controller.enqueue(encoder.encode(text));
		};
		const beat = setInterval(() => put('event: beat\ndata: {}\n\n'), BEAT_MS);
		end = () => {
			if (!open.delete(end)) return;
			clearInterval(beat);
			stop();
			try {
				controller.close();
			} catch {
				// Whoever read it has ended it already.
			}
		};
		open.set(end, of);
		stop = begin((event) => put(`data: ${JSON.stringify(event)}\n\n`));
	};
	const stream = new ReadableStream<Uint8Array>({ start, cancel: () => end() }, { highWaterMark: 0 });
	return new Response(stream, {
		headers: { 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' }
	});
}

/** Ends every stream: their readers go to another process, or come back to the next. */
export function endStreams(): void {
	for (const end of [...open.keys()]) end();
}
