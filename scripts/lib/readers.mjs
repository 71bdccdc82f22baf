import { spawnSync } from 'node:child_process';
import { installDebian } from './install.mjs';

/** Debian's readers of PDF and XML, with which the tests open what we write. */
const READERS = { pdfinfo: 'poppler-utils', xmllint: 'libxml2-utils' };

export function installReaders() {
	const missing = Object.entries(READERS)
		.filter(([program]) => spawnSync('which', [program]).status !== 0)
		.map(([, name]) => name);
	if (missing.length > 0) installDebian(missing, 'Readers of PDF and XML, for tests');
}
