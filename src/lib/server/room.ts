import { bytesHeld } from './store/held';
import type { Teacher } from './store/teachers';

const MB = 1024 * 1024;
/** Most that one teacher keeps, and the demo, which everyone shares. */
const MOST = 500 * MB;
const MOST_DEMO = 50 * MB;
/** How long it is trusted how much somebody keeps: reckoning it up takes longer the more it is. */
const TRUSTED_MS = 10_000;

const known = new Map<string, { readonly held: number; readonly at: number }>();

/** How much more a teacher may keep, in bytes; what she saves within that time is not yet counted. */
export async function roomLeft({ id, demo }: Pick<Teacher, 'id' | 'demo'>): Promise<number> {
	let last = known.get(id);
	if (!last || Date.now() - last.at > TRUSTED_MS) {
		last = { held: await bytesHeld(id), at: Date.now() };
		known.set(id, last);
		for (const [other, { at }] of known) if (Date.now() - at > TRUSTED_MS) known.delete(other);
	}
	return (demo ? MOST_DEMO : MOST) - last.held;
}

/** What is said where there is no more room. */
export const noRoom = ({ demo }: Pick<Teacher, 'demo'>): string =>
	demo
		? `The demo is full: its visitors keep ${MOST_DEMO / MB} MB in it. Make it anew on the account page, or make an account of your own.`
		: `You keep ${MOST / MB} MB here, and that is all there is for one teacher. Take an archive, then delete for good what you do not need.`;
