/** Keeps the screen from going to sleep for as long as the page is looked at; returns how to let it. */
export function keepAwake(): () => void {
	let lock: WakeLockSentinel | null = null;
	let ended = false;
	// A browser without this, or one that is low on power, goes to sleep as it always does.
	const ask = () =>
		document.visibilityState === 'visible' &&
		void navigator.wakeLock?.request('screen').then(
			(got) => {
				lock = got;
				if (ended) void got.release();
			},
			() => undefined
		);
	ask();
	document.addEventListener('visibilitychange', ask);
	return () => {
		ended = true;
		document.removeEventListener('visibilitychange', ask);
		void lock?.release().catch(() => undefined);
	};
}
