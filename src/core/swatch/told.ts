import type { Step } from '../fabric/steps';
import { spelledUnitsOf, standingUnits, stitchUnit, wordsOfUnits, type Unit } from '../fabric/units';
import { FACING_WORDS, mirroredWord } from '../pattern/vocabulary';
import { readsFromTheEnd, type Hands } from '../ways/handed';
import { inTerms } from './write';

/** Fewer words than this are sooner read than a repeat of them. */
const LEAST_SPARED = 3;
/** Longest stretch of words that is looked for as a repeat. */
const LONGEST_REPEAT = 12;

/**
 * A row in the order in which these hands work it. A left-hander who keeps the fabric begins at the other edge, on right side
 * and wrong side rows alike: she works the row from its end, with decreases that lean the other way in the mirror; names and
 * leans stay (craft: Left hands, same fabric). Everybody else works it as it is written.
 *
 * @param text the pattern
 */
export function rowTold(text: string, step: Step, hands: Hands & { readonly terms: 'us' | 'uk' }): string {
	const { written } = step.planned;
	const asWritten = text.slice(written.from + written.bodyFrom, written.to).trim();
	const told = readsFromTheEnd(hands) ? (fromItsEnd(step) ?? asWritten) : asWritten;
	return inTerms(told, hands.terms);
}

/**
 * A row in full, in the order in which these hands work it: what only follows the row before is said as knit or purl, and every
 * repeat is worked out and found anew, so that nobody has to look back.
 */
export function rowInFull(step: Step, hands: Hands): string {
	const units = facesSaid(step);
	return readsFromTheEnd(hands) && !turns(units)
		? repeatsFound(wordsOfUnits(reversed(units))).join(', ')
		: repeatsFound(wordsOfUnits(units)).join(', ');
}

/** Units with what follows the row before said by the face that it shows. */
function facesSaid(step: Step): readonly Unit[] {
	const { side, faces } = step.row;
	const shown = side === 'RS' ? [...faces].reverse() : [...faces];
	return standingUnits(spelledUnitsOf(step)).map(({ unit, after }) =>
		FACING_WORDS.some(({ word }) => word === unit.text)
			? stitchUnit((shown[after] === 'k') === (side === 'RS') ? 'k' : 'p')
			: unit
	);
}

const turns = (units: readonly Unit[]): boolean => units.some(({ text }) => /\bturn\b|w&t/i.test(text));

const reversed = (units: readonly Unit[]): Unit[] =>
	[...units].reverse().map((unit) => ({
		...unit,
		text: unit.kind === 'other' ? (mirroredWord(unit.text) ?? unit.text) : unit.text
	}));

/** A row from its end, every repeat worked out and found anew; `null` where it turns before its edge. */
export function fromItsEnd(step: Step): string | null {
	const units = spelledUnitsOf(step);
	return turns(units) ? null : repeatsFound(wordsOfUnits(reversed(units))).join(', ');
}

/** Words with the stretch that spares most written as a repeat: `k2, [p2, k2] 9 times`. */
function repeatsFound(words: readonly string[]): readonly string[] {
	let best = { from: 0, of: 0, times: 0, spared: LEAST_SPARED };
	for (let of = 1; of <= Math.min(LONGEST_REPEAT, words.length / 2); of++)
		for (let from = 0; from + 2 * of <= words.length; from++) {
			let times = 1;
			while (sameStretch(words, from, from + times * of, of)) times++;
			const spared = of * (times - 1);
			if (spared > best.spared) best = { from, of, times, spared };
		}
	if (best.times === 0) return words;
	const { from, of, times } = best;
	return [
		...words.slice(0, from),
		`[${words.slice(from, from + of).join(', ')}] ${times} times`,
		...words.slice(from + of * times)
	];
}

const sameStretch = (words: readonly string[], a: number, b: number, of: number): boolean =>
	b + of <= words.length &&
	Array.from({ length: of }, (_, i) => i).every((i) => words[a + i] === words[b + i]);
