import { existsSync } from 'node:fs';
import { installDebian } from './install.mjs';

/** Draws what the whole browser draws, without windows, in little more than half the time. */
const CHROMIUM = '/usr/bin/chromium-headless-shell';

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
	if (!existsSync(CHROMIUM)) installDebian(['chromium-headless-shell'], 'Chromium, for tests and pictures');
}
