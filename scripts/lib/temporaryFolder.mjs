import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * A folder that the database's user can enter, and that goes away again.
 * @returns {{ path: string, remove: () => void }}
 */
export function temporaryFolder() {
	const path = mkdtempSync(join(tmpdir(), 'pond-fresh-'));
	chmodSync(path, 0o755);
	return { path, remove: () => rmSync(path, { recursive: true, force: true }) };
}
