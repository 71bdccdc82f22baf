import { readKnown } from '../naming/known';
import { USUAL_RULES } from '../rules';
import type { Medium } from '../technique/medium';
import { freeLimit, type Level } from '../ways/cautions';
import { KINDS, type Kind } from './exercise';
import { scriptsOf } from './played';
import { itemKey, standingOf, type Item, type Practised, type Standing } from './schedule';

/** What somebody practises: crosses by name, in one technique, and how far her hands are. */
export interface PracticeSet {
	readonly crossings: readonly string[];
	readonly medium: Medium;
	readonly level: Level;
	/** the class has seen them made without a cable needle */
	readonly free?: boolean;
}

/** Things asked in an evening, so that it takes some five minutes, and how many of them may be new (rules of thumb). */
export const MOST_ASKED = 12;
const MOST_NEW = 4;
/** What is due before the evening after this one is asked now. */
const HALF_DAY_MS = 12 * 3_600_000;
/** A cross sits when so much of what is asked of it does: one stubborn question holds nobody back (a rule of thumb). */
const ENOUGH_SITS = 0.8;

/** A cross that is practised. */
export interface Practising {
	readonly of: string;
	/** it sits, and hands that have seen it made without a cable needle are ready to make it so */
	readonly free: boolean;
}

/** What is asked this evening, in order; and the day of the next, where there is nothing now. */
export interface Evening {
	readonly items: readonly Item[];
	readonly next: number | null;
	readonly practising: readonly Practising[];
}

/**
 * What to practise this evening: what is about to be forgotten first, then a few things that are new. Nobody is asked for a
 * cross, or for a method, that her class has not seen (a rule of teaching).
 *
 * @param kinds those that can be asked of a cross
 */
export function eveningOf(
	set: PracticeSet,
	answers: readonly Practised[],
	now: number,
	kinds: (of: string) => readonly Kind[]
): Evening {
	const standing = standingOf(answers, now);
	const known = new Map(standing.map((one) => [itemKey(one), one]));
	const practising = practisingOf(set, standing, kinds);
	const items = practising.flatMap(({ of }) =>
		KINDS.filter((kind) => kinds(of).includes(kind)).map((kind): Item => ({ of, kind, medium: set.medium }))
	);
	const due = items
		.flatMap((item) => known.get(itemKey(item)) ?? [])
		.filter((one) => one.due <= now + HALF_DAY_MS)
		.sort((a, b) => a.remembered - b.remembered)
		.slice(0, MOST_ASKED)
		.map(({ of, kind, medium }): Item => ({ of, kind, medium }));
	const fresh = items
		.filter((item) => !known.has(itemKey(item)))
		.slice(0, Math.min(MOST_NEW, MOST_ASKED - due.length));
	const later = items.flatMap((item) => known.get(itemKey(item))?.due ?? []).filter((at) => at > now);
	return {
		items: [...due, ...fresh],
		next: due.length + fresh.length > 0 || later.length === 0 ? null : Math.min(...later),
		practising
	};
}

/** Whether a cross sits, asked in these ways. */
export function crossSits(of: string, standing: readonly Standing[], kinds: readonly Kind[]): boolean {
	const sits = kinds.filter((kind) => standing.some((one) => one.of === of && one.kind === kind && one.sits));
	return kinds.length > 0 && sits.length >= ENOUGH_SITS * kinds.length;
}

/** What the teacher gave. */
const practisingOf = (
	{ crossings, medium, level, free = false }: PracticeSet,
	standing: readonly Standing[],
	kinds: (of: string) => readonly Kind[]
): Practising[] =>
	crossings.map((of) => ({
		of,
		free: free && medium === 'hand' && crossSits(of, standing, kinds(of)) && isFree(of, level)
	}));

/** Whether a cross is narrow enough to be made without a cable needle by these hands, and has a way to be. */
function isFree(of: string, level: Level): boolean {
	const read = readKnown(of, { medium: 'hand' });
	if (!read.ok) return false;
	const [{ crossing }] = read.value.readings;
	return (
		crossing.stitches <= freeLimit({ level, yarn: 'plain', rules: USUAL_RULES }) &&
		scriptsOf(crossing, true).length > 0
	);
}
