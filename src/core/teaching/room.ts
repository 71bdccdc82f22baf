/** What a follower says with one press: that she has the step, that she wants to be waited for, or that her cloth went wrong. */
export const SAYS = ['has', 'waits', 'wrong'] as const;
export type Says = (typeof SAYS)[number];

/** A phone that follows a class, as far as its teacher may know of it. */
export interface Follower {
	/** empty where its owner wrote none */
	readonly name: string;
	/** where it went by itself; `null` with the class */
	readonly away: { readonly part: string; readonly step: number } | null;
	readonly says: Says | null;
	/** at which moment of the class, and in which part, it said so */
	readonly saidAt: number;
	readonly saidIn: string | null;
}

/** How many say something, and those among them who gave a name. */
export interface Raised {
	readonly count: number;
	readonly names: readonly string[];
}

/** A class at a glance: how many follow, how far they are, and who wants something. */
export interface RoomSeen {
	readonly following: number;
	readonly has: number;
	readonly waits: Raised;
	readonly wrong: Raised;
	/** how many went to which step by themselves, the most first */
	readonly elsewhere: readonly { readonly part: string; readonly step: number; readonly count: number }[];
}

/**
 * A class at a glance. To have a step is said of that step alone; who waits, or looks at a cloth that went wrong, does so
 * until it is taken back or the next part begins.
 */
export function roomSeen(
	followers: readonly Follower[],
	now: { readonly n: number; readonly part: string }
): RoomSeen {
	const raised = (says: Says): Raised => {
		const all = followers.filter((one) => one.says === says && one.saidIn === now.part);
		return { count: all.length, names: all.flatMap(({ name }) => name || []).sort() };
	};
	const places = new Map<string, RoomSeen['elsewhere'][number]>();
	for (const { away } of followers)
		if (away) {
			const key = `${away.step} ${away.part}`;
			places.set(key, { ...away, count: (places.get(key)?.count ?? 0) + 1 });
		}
	return {
		following: followers.length,
		has: followers.filter(({ says, saidAt }) => says === 'has' && saidAt === now.n).length,
		waits: raised('waits'),
		wrong: raised('wrong'),
		elsewhere: [...places.values()].sort((a, b) => b.count - a.count)
	};
}

/** How many of a class are to have a step before it goes on: three of four, as in six of eight (a rule of thumb). */
export const ENOUGH = 0.75;

/** Whether so many have the step that the class goes on; nobody waits for it in an empty room. */
export const enoughHave = ({ following, has }: Pick<RoomSeen, 'following' | 'has'>): boolean =>
	following > 0 && has >= Math.ceil(ENOUGH * following);
