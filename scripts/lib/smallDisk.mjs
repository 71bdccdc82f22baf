import { spawnSync } from 'node:child_process';
import { rmSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { temporaryFolder } from './temporaryFolder.mjs';

/**
 * A folder on a disk of its own, which can be filled and emptied again; `null` where we may not make one.
 * @param {number} bytes
 */
export function smallDisk(bytes) {
	const folder = temporaryFolder();
	const { status } = spawnSync('mount', [
		'-t',
		'tmpfs',
		'-o',
		`size=${bytes},mode=755`,
		'tmpfs',
		folder.path
	]);
	if (status !== 0) {
		folder.remove();
		return null;
	}
	const filler = join(folder.path, 'filler');
	return {
		path: folder.path,
		fill() {
			const { bavail, bsize } = statfsSync(folder.path);
			try {
				writeFileSync(filler, Buffer.alloc(Math.max(0, bavail * bsize)));
			} catch {
				// Somebody else took the last of it meanwhile.
			}
		},
		empty: () => rmSync(filler),
		remove() {
			spawnSync('umount', ['-l', folder.path]);
			folder.remove();
		}
	};
}
