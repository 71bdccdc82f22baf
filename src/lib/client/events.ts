/** A stream that is silent for longer than this has died without a word; each has its beat sooner. */
const SILENT_MS = 8_000;
const LOOK_MS = 1_000;
/** The pauses between tries, and so much more by chance that a whole class does not come back at once. */
const RETRY_MS = [500, 1_000, 2_000, 4_000, 8_000];
const CHANCE_MS = 400;

/** What is done about a stream of server-sent events. */
export interface Listener {
	readonly onevent: (event: unknown) => void;
	/** it is heard, or nobody answers */
	readonly onaway: (away: boolean) => void;
	/** the server answered with a refusal; what is given back is whether to go on trying */
	readonly onrefused: () => Promise<boolean>;
}

/**
 * Listens to server-sent events, and comes back whenever the stream is lost: by an error, by its silence, or because the
 * phone slept.
 *
 * @returns how to stop
 */
export function listenTo(address: string, { onevent, onaway, onrefused }: Listener): () => void {
	let source: EventSource | null = null;
	let heard = Date.now();
	let failures = 0;
	let again: ReturnType<typeof setTimeout> | undefined;
	let over = false;

	const open = () => {
		clearTimeout(again);
		source?.close();
		if (over) return;
		heard = Date.now();
		const fresh = new EventSource(address);
		source = fresh;
		const hear = () => {
			heard = Date.now();
			failures = 0;
			onaway(false);
		};
		fresh.onmessage = ({ data }) => {
			hear();
			onevent(JSON.parse(data));
		};
		fresh.addEventListener('beat', hear);
		fresh.onerror = () => void lost(fresh);
	};
	const lost = async (which: EventSource) => {
		if (which !== source) return;
		const refused = which.readyState === EventSource.CLOSED;
		which.close();
		onaway(true);
		if (refused && !(await onrefused())) over = true;
		if (over || which !== source) return;
		const rest = RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)] + Math.random() * CHANCE_MS;
		clearTimeout(again);
		again = setTimeout(open, rest);
	};
	const look = () => {
		if (over || Date.now() - heard <= SILENT_MS) return;
		// Nobody was heard for too long: that is said, and tried again.
		onaway(true);
		open();
	};
	const timer = setInterval(look, LOOK_MS);
	// A phone that slept has a stream that only seems open.
	const woken = () => document.visibilityState === 'visible' && Date.now() - heard > SILENT_MS && open();
	document.addEventListener('visibilitychange', woken);
	addEventListener('online', open);
	open();
	return () => {
		over = true;
		clearTimeout(again);
		clearInterval(timer);
		document.removeEventListener('visibilitychange', woken);
		removeEventListener('online', open);
		source?.close();
	};
}
