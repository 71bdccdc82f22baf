import pino from 'pino';
import { env } from '$env/dynamic/private';

/** Lines wait this long to be told together; what waits may be this much, in characters. */
const REST_MS = 200;
const MOST_WAITING = 1024 * 1024;

/**
 * Tells lines to the process that began us, which writes them: whatever becomes of its file or its disk, nobody here waits
 * for it. What cannot be told in time is dropped and counted.
 */
function toParent(): pino.DestinationStream {
	let waiting = '';
	let dropped = 0;
	let busy = false;
	const tell = () => {
		if (dropped > 0)
			waiting += `{"level":40,"time":${Date.now()},"msg":"${dropped} lines of the log were dropped"}\n`;
		dropped = 0;
		const lines = waiting;
		waiting = '';
		process.send?.({ log: lines }, undefined, undefined, () => {
			busy = false;
			if (waiting) later();
		});
	};
	const later = () => {
		busy = true;
		setTimeout(tell, REST_MS);
	};
	return {
		write(line) {
			if (waiting.length + line.length > MOST_WAITING) dropped++;
			else waiting += line;
			if (!busy) later();
		}
	};
}

/** One JSON object a line. */
export const log = env.POND_SUPERVISED === 'on' ? pino({}, toParent()) : pino();
