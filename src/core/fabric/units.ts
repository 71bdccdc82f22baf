import type { Crossing } from '../crossing/crossing';
import { FACING_WORDS, RUN_WORDS, runWord, SHORT_WAY } from '../pattern/vocabulary';
import type { WrittenRow } from '../pattern/row';
import type { Action } from '../pattern/word';
import { once } from '../once';
import { piecesOf, type Meaning, type WorkedPiece } from './work';
import type { Step } from './steps';

/**
 * A row stitch by stitch, as an editor takes it apart: a plain stitch, a whole crossing, or another word that stays as
 * it is. `takes` and `makes` count its stitches before and after.
 */
export type Unit = { readonly takes: number; readonly makes: number; readonly text: string } & (
	| { readonly kind: 'stitch' }
	| { readonly kind: 'cross'; readonly crossing: Crossing }
	| { readonly kind: 'other' }
);

/** A stitch as it is written, which takes one and makes one. */
export const stitchUnit = (text: string): Unit => ({ kind: 'stitch', text, takes: 1, makes: 1 });
/** A crossing as it is written, which makes as many stitches as it takes. */
export const crossUnit = (text: string, crossing: Crossing): Unit => ({
	kind: 'cross',
	text,
	crossing,
	takes: crossing.stitches,
	makes: crossing.stitches
});

/** The units of a worked row in working order, repeats and “to end” worked out, once for as long as the row stands. */
export const unitsOf: (step: Step) => readonly Unit[] = once((step) => takenApart(step));

/** A unit where it stands: so many stitches of the row before it, as they lie before the row and as they lie after it. */
export interface StandingUnit {
	readonly unit: Unit;
	readonly at: number;
	readonly after: number;
}

/** Units one after the other, each with its place. */
export function standingUnits(units: readonly Unit[]): StandingUnit[] {
	let [at, after] = [0, 0];
	return units.map((unit) => {
		const standing = { unit, at, after };
		at += unit.takes;
		after += unit.makes;
		return standing;
	});
}

/** The unit that takes a stitch, in working order from 0. */
export const unitAt = (units: readonly Unit[], stitch: number): StandingUnit | undefined =>
	standingUnits(units).find(({ unit, at }) => stitch < at + unit.takes);

/** The unit that a stitch comes from, in working order from 0 as it lies after the row. */
export const unitMaking = (units: readonly Unit[], stitch: number): StandingUnit | undefined =>
	standingUnits(units).find(({ unit, after }) => stitch < after + unit.makes);

function takenApart(step: Step): Unit[] {
	const units: Unit[] = [];
	let open: WorkedPiece['within'] = null;
	for (const piece of piecesIn(step)) {
		const { within, takes, makes } = piece;
		if (!within) units.push(...unitsIn(piece, meaningIn(step)));
		else if (within === open) {
			// A row of a panel is one unit: it is changed where the panel is written.
			const last = units.pop()!;
			units.push({ ...last, takes: last.takes + takes, makes: last.makes + makes });
		} else units.push({ kind: 'other', text: within.panel!.text, takes, makes });
		open = within;
	}
	return units;
}

/** The same with the rows of panels written out: what a row does, wherever it is written. */
export const spelledUnitsOf: (step: Step) => readonly Unit[] = once((step) =>
	piecesIn(step).flatMap((piece) => unitsIn(piece, meaningIn(step)))
);

export const meaningIn =
	({ planned: { written }, meant }: Step): Meaning =>
	(text) =>
		meant[written.names.indexOf(text)] ?? null;

/** The words of a worked row, each time it works one. */
export const piecesIn = (step: Step): WorkedPiece[] =>
	piecesOf(step.before, step.planned.written.items, step.planned.number, meaningIn(step));

/** A row of a panel where it is called: its own units, and the stitch at which they begin, in working order from 0. */
export interface CalledRow {
	readonly written: WrittenRow;
	/** its number in the panel */
	readonly row: number;
	readonly at: number;
	readonly units: readonly Unit[];
}

/** The row of a panel that works a stitch, in working order from 0; `null` where the row itself works it. */
export function calledRowAt(step: Step, stitch: number): CalledRow | null {
	const pieces = piecesIn(step);
	const within = pieces.find(
		(piece) => stitch >= piece.before && stitch < piece.before + piece.takes
	)?.within;
	if (!within) return null;
	const own = pieces.filter((piece) => piece.within === within);
	const { written, row, apart } = within.panel!;
	// It was put in by an earlier reading, and has moved since with the row that calls it.
	const from = step.planned.written.from + apart;
	return {
		written: { ...written, from, to: from + written.to - written.from },
		row,
		at: own[0].before,
		units: own.flatMap((piece) => unitsIn(piece, meaningIn(step)))
	};
}

/** The units of one word of a row. */
export const unitsOfPiece = (step: Step, piece: WorkedPiece): Unit[] => unitsIn(piece, meaningIn(step));

function unitsIn({ item, takes, makes }: WorkedPiece, meaning: Meaning): Unit[] {
	if (item.kind === 'name') {
		const crossing = meaning(item.text);
		return [
			crossing && crossing.stitches === takes
				? crossUnit(item.text, crossing)
				: { kind: 'other', text: item.text, takes, makes }
		];
	}
	const word = oneOf(item.action);
	if (word === null) return [{ kind: 'other', text: item.text, takes, makes }];
	return Array.from({ length: takes }, () => stitchUnit(/short way/i.test(item.text) ? SHORT_WAY : word));
}

/** The word for one stitch of a run; `null` where the word is not one of so many equal stitches. */
function oneOf(action: Action): string | null {
	if (action.do === 'facing') return FACING_WORDS.find(({ how }) => how === action.how)!.word;
	if (action.do !== 'work' || action.own) return null;
	return runWord(action.word)?.one ?? null;
}

/** Units as a row says them: equal neighbours are counted, `k3`; `as they face` to the end where all of it is that. */
export const textOfUnits = (units: readonly Unit[]): string => wordsOfUnits(units).join(', ');

/**
 * The same word by word.
 *
 * @param alone whether they are all of their row: what goes on to its end need not be counted then
 */
export function wordsOfUnits(units: readonly Unit[], alone = true): string[] {
	const words: string[] = [];
	for (let i = 0; i < units.length;) {
		const { text, kind } = units[i];
		let run = 1;
		while (kind === 'stitch' && units[i + run]?.kind === 'stitch' && units[i + run].text === text) run++;
		words.push(...counted(text, run, kind === 'stitch', alone && run === units.length));
		i += run;
	}
	return words;
}

function counted(text: string, run: number, stitch: boolean, whole: boolean): string[] {
	if (!stitch) return [text];
	const entry = RUN_WORDS.find(({ one }) => one === text);
	// `k1`, not a bare `k`: that would be every stitch there is where it stands alone.
	if (entry) return [run === 1 && /\d/.test(text) ? text : entry.run(run)];
	if (FACING_WORDS.some(({ word }) => word === text)) return [whole ? text : `${text} ${run}`];
	return Array.from({ length: run }, () => text);
}
