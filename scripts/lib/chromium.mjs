import { existsSync } from 'node:fs';
import { installDebian } from './install.mjs';

const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium, as a headless browser that asks nothing of the network. */
export const LAUNCH = {
	executablePath: CHROMIUM,
	args: [
		'--no-sandbox',
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
};

export function installChromium() {
	if (!existsSync(CHROMIUM)) installDebian(['chromium'], 'Chromium, for tests and pictures');
}
