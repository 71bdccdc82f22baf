import { estimateOf } from '../planning/estimate';
import type { Lesson, Part } from '../lesson/lesson';
import { SPARED } from '../planning/pace';
import type { Rates } from '../planning/rates';

/** Minutes of the parts to come that were given up already: those left out, and what others were shortened by. */
export const sparedAhead = (written: Lesson, now: Lesson, at: number, dropped: readonly string[]): number =>
	written.parts.slice(at + 1).reduce((sum, { id, minutes }) => {
		const left = dropped.includes(id) ? 0 : (now.parts.find((part) => part.id === id)?.minutes ?? minutes);
		return sum + Math.max(0, minutes - left);
	}, 0);

/** A way to make up for lost time: a part to leave out, or to give no more than it takes. */
export interface Saving {
	readonly part: Part;
	readonly does: 'drop' | 'shorten';
	/** minutes it has then */
	readonly to: number;
	readonly saves: number;
}

/**
 * What to drop or to shorten of the parts still to come, so that a class that is late ends on time: first minutes that
 * nobody needs, then what can best be spared; worked anew for what is left once something was left out. The rest for the hands always stays, and so does what a crossing needs to be
 * shown, practised and checked once.
 *
 * @param late minutes that are still to be made up for
 * @param dropped parts that are left out already
 */
export function savings(
	lesson: Lesson,
	at: number,
	late: number,
	rates: Rates,
	dropped: readonly string[] = []
): Saving[] {
	const rest = lesson.parts.slice(at + 1).filter(({ id }) => !dropped.includes(id));
	const generous = rest.flatMap((part): Saving[] => {
		const to = estimateOf(lesson, part, rates);
		const saves = part.minutes - to;
		return saves > 0 ? [{ part, does: 'shorten', to, saves }] : [];
	});
	const spared = SPARED.flatMap((kind) => rest.filter((part) => part.kind === kind).reverse());
	const again = rest.filter((part) => part.kind === 'show' && shownBefore(lesson, part));
	const droppable = [...spared, ...again.reverse()].map((part): Saving => ({
		part,
		does: 'drop',
		to: 0,
		saves: part.minutes
	}));
	const found: Saving[] = [];
	let saved = 0;
	for (const saving of [...generous.sort((a, b) => b.saves - a.saves), ...droppable]) {
		if (saved >= late) break;
		const already = found.find(({ part }) => part.id === saving.part.id);
		if (already) {
			found.splice(found.indexOf(already), 1);
			saved -= already.saves;
		}
		found.push(saving);
		saved += saving.saves;
	}
	return found;
}

const shownBefore = (lesson: Lesson, part: Part): boolean =>
	part.kind === 'show' &&
	lesson.parts
		.slice(0, lesson.parts.indexOf(part))
		.some((one) => one.kind === 'show' && one.crossing === part.crossing);
