import { readKnown } from '../naming/known';
import { otherLean, purled, wider, type Step } from '../planning/nextStep';
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
}

/** Things asked in an evening, so that it takes some five minutes, and how many of them may be new (rules of thumb). */
export const MOST_ASKED = 12;
const MOST_NEW = 4;
/** What is due before the evening after this one is asked now. */
const HALF_DAY_MS = 12 * 3_600_000;
/** A cross sits when so much of what is asked of it does: one stubborn question holds nobody back (a rule of thumb). */
const ENOUGH_SITS = 0.8;
/** Changes beyond what the teacher gave that a learner goes on to by herself. */
const MOST_CHANGES = 6;

/** A cross that is practised, and why, where the teacher did not give it. */
export interface Practising {
	readonly of: string;
	readonly because: string | null;
	/** it sits, and hands are ready to make it without a cable needle */
	readonly free: boolean;
}

/** What is asked this evening, in order; and the day of the next, where there is nothing now. */
export interface Evening {
	readonly items: readonly Item[];
	readonly next: number | null;
	readonly practising: readonly Practising[];
}

/**
 * What to practise this evening: what is about to be forgotten first, then a few things that are new. Crosses change in one
 * thing at a time, and only when those before sit (a rule of teaching).
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

/** What the teacher gave, and, once all of it sits, one change after another. */
function practisingOf(
	{ crossings, medium, level }: PracticeSet,
	standing: readonly Standing[],
	kinds: (of: string) => readonly Kind[]
): Practising[] {
	const sits = (of: string) => crossSits(of, standing, kinds(of));
	const entry = (of: string, because: string | null): Practising => ({
		...{ of, because },
		free: medium === 'hand' && sits(of) && isFree(of, level)
	});
	const all = crossings.map((of) => entry(of, null));
	for (let changes = 0; changes < MOST_CHANGES && all.every(({ of }) => sits(of)); changes++) {
		const change = nextChange(
			all.map(({ of }) => of),
			medium
		);
		if (!change) break;
		all.push(entry(change.name, change.because));
	}
	return all;
}

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

/** One change from crosses that sit: the other lean, the same one purled, or a stitch wider. */
export function nextChange(names: readonly string[], medium: Medium): Step | null {
	const all = names.flatMap((name) => {
		const known = readKnown(name, { medium });
		return known.ok ? [{ name, crossing: known.value.readings[0].crossing }] : [];
	});
	return (
		otherLean(all, all, medium) ??
		(medium === 'hand' ? purled(all, all, medium) : null) ??
		wider(all, all, medium)
	);
}
