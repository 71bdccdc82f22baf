import { Refusal } from './lib/refusal.mjs';
import { dropRoot } from './lib/rights.mjs';
import { serve } from './lib/serve.mjs';

/**
 * One of the processes that serve, forked by `lib/supervisor.mjs`. It listens, gives root's rights away, and tells its
 * parent what is to be logged; when the parent is gone, so is it.
 * @typedef {{ ready: true } | { refused: string } | { alive: true } | { log: string }} News what it tells
 * @typedef {'stop' | 'alive?'} Word what it is told
 */

/** @param {News} news */
const tell = (news) => process.connected && process.send?.(news);

// Ctrl-C reaches every process of a terminal: the parent says when to stop.
process.on('SIGINT', () => {});
try {
	const { where, keepRoot } = JSON.parse(process.env.POND_SERVE ?? '{}');
	const server = await serve({
		...where,
		tell: (line) => tell({ log: `${JSON.stringify({ time: Date.now(), ...line })}\n` })
	});
	if (!keepRoot) dropRoot();
	let stopping = false;
	const stop = async () => {
		if (stopping) return;
		stopping = true;
		await server.stop();
		// The app closes what it has open, then nothing holds us; what does all the same is let go of.
		process.channel?.unref();
		setTimeout(() => process.exit(0), 3_000).unref();
	};
	process.on('SIGTERM', stop);
	process.on('message', (/** @type {Word} */ word) => {
		if (word === 'alive?') tell({ alive: true });
		else if (word === 'stop') void stop();
	});
	tell({ ready: true });
} catch (error) {
	if (!(error instanceof Refusal)) throw error;
	tell({ refused: error.message });
	process.disconnect?.();
}
