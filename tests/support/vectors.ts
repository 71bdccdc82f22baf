import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const here = fileURLToPath(new URL('../../vectors/', import.meta.url));
const shared = fileURLToPath(new URL('../../../shared/vectors/', import.meta.url));

/** The cases of a file in `vectors/`. */
export const vectors = (name: string) => JSON.parse(readFileSync(here + name, 'utf8'));

/** The text of a file in `vectors/`, and of the one it was copied from where that lies beside the checkout. */
export function vectorTexts(name: string): { ours: string; theirs: string | null } {
	const ours = readFileSync(here + name, 'utf8');
	return { ours, theirs: existsSync(shared + name) ? readFileSync(shared + name, 'utf8') : null };
}
