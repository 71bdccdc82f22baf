import { inList } from '../english';
import { SLIPS, slipFacts, type SlipId } from '../faults/slip';
import type { PractisedCross } from '../teaching/next';
import { crossSits } from './evening';
import { KINDS, type Kind } from './exercise';
import { standingOf, type Practised, type Standing } from './schedule';

/** A learner as far as it concerns what sits. */
export interface Practiser {
	readonly nickname: string;
	readonly practised: readonly Practised[];
}

/** With how many of those who were asked something sits, and with whom it does not. */
export type Cell = Omit<PractisedCross, 'of'>;

/** What sits in a class, by cross and kind. */
export interface ClassStanding {
	/** the kinds that were asked */
	readonly kinds: readonly Kind[];
	readonly crosses: readonly { readonly of: string; readonly by: Readonly<Partial<Record<Kind, Cell>>> }[];
	/** what is to be looked at, the furthest from sitting first, with the slip it mostly comes of */
	readonly notYet: readonly {
		readonly of: string;
		readonly kind: Kind;
		readonly who: string;
		readonly slip: string | null;
	}[];
}

/** How everything stands with each of a class. */
const standings = (learners: readonly Practiser[], now: number) =>
	learners.map(({ nickname, practised }) => ({ nickname, standing: standingOf(practised, now) }));

/** Lines of what does not sit that a teacher takes in at a glance. */
const MOST_LINES = 6;

/** What sits in a class and what does not; crosses that it practises no more come last. */
export function classStanding(
	{ crossings }: { readonly crossings: readonly string[] },
	learners: readonly Practiser[],
	now: number
): ClassStanding {
	const all = standings(learners, now);
	const names = [...new Set([...crossings, ...all.flatMap(({ standing }) => standing.map(({ of }) => of))])];
	const cellOf = (of: string, kind: Kind) => {
		const asked = all.flatMap(({ nickname, standing }) => {
			const one = standing.find((item) => item.of === of && item.kind === kind);
			return one ? [{ nickname, one }] : [];
		});
		const not = asked.filter(({ one }) => !one.sits);
		return { asked, not };
	};
	const kinds = KINDS.filter((kind) => names.some((of) => cellOf(of, kind).asked.length > 0));
	const crosses = names.map((of) => ({
		of,
		by: Object.fromEntries(
			kinds.flatMap((kind) => {
				const { asked, not } = cellOf(of, kind);
				const cell: Cell = {
					...{ asked: asked.length, sits: asked.length - not.length },
					not: not.map(({ nickname }) => nickname)
				};
				return asked.length > 0 ? [[kind, cell]] : [];
			})
		)
	}));
	const notYet = names
		.flatMap((of) => kinds.map((kind) => ({ of, kind, ...cellOf(of, kind) })))
		// Who was right whenever she was asked is only new to it.
		.map(({ not, ...cell }) => ({ ...cell, not: not.filter(({ one }) => one.right < one.times) }))
		.filter(({ not }) => not.length > 0)
		.sort((a, b) => b.not.length / b.asked.length - a.not.length / a.asked.length)
		.slice(0, MOST_LINES)
		.map(({ of, kind, not }) => ({
			...{ of, kind, who: inList(not.map(({ nickname }) => nickname)) },
			slip: mostly(not.map(({ one }) => one))
		}));
	return { kinds, crosses, notYet };
}

/** The slip that most wrong answers came of, in words; `null` where none did. */
function mostly(standing: readonly Standing[]): string | null {
	const counts = new Map<string, number>();
	for (const slip of standing.flatMap(({ slips }) => slips)) counts.set(slip, (counts.get(slip) ?? 0) + 1);
	const [slip] = [...counts].sort((a, b) => b[1] - a[1]).at(0) ?? [];
	if (slip === undefined) return null;
	return slip in SLIPS ? slipFacts(slip as SlipId).name.toLowerCase() : 'the name misread';
}

/** How a cross stands with all who were asked about it: it sits with whom most of its kinds do. */
export function practisedCrosses(learners: readonly Practiser[], now: number): PractisedCross[] {
	const all = standings(learners, now);
	const names = [...new Set(all.flatMap(({ standing }) => standing.map(({ of }) => of)))];
	return names.map((of) => {
		const asked = all.filter(({ standing }) => standing.some((one) => one.of === of));
		const not = asked.filter(({ standing }) => {
			const kinds = KINDS.filter((kind) => standing.some((one) => one.of === of && one.kind === kind));
			return !crossSits(of, standing, kinds);
		});
		return {
			of,
			asked: asked.length,
			sits: asked.length - not.length,
			not: not.map(({ nickname }) => nickname)
		};
	});
}
