import type { AllRows, RowSide } from './head';
import type { Place } from './tree';
import type { Action, ToLast } from './word';

/** One thing a row does: a plain word, a name to look up, or a repeat. */
export type Item = Place &
	(
		| { readonly kind: 'action'; readonly action: Action; readonly text: string; readonly colour?: string }
		| { readonly kind: 'name'; readonly text: string; readonly colour?: string }
		| {
				readonly kind: 'repeat';
				readonly items: readonly Item[];
				readonly times: number | ToLast;
				/** so many in all, or one more than that: a bare `3 times` behind `rep from *` */
				readonly either?: true;
				/** a row of a panel, worked once where it is called */
				readonly panel?: {
					/** the call as it is written */
					readonly text: string;
					readonly name: string;
					/** which of its rows, as it is written, how far behind the row that calls it, and how many it has */
					readonly row: number;
					readonly written: WrittenRow;
					readonly apart: number;
					readonly of: number;
					/** stitches that the panel's heading says, and that it is called over; `null` where they are not said */
					readonly own: number | null;
					readonly stitches: number | null;
				};
		  }
	);

/** A name that is written out where it is used: `C4F (sl 2 to cn, …)`. */
export interface WrittenOut extends Place {
	readonly name: string;
}

/** What a row does, and the count of stitches that it is said to end with. */
export interface Body {
	readonly items: readonly Item[];
	readonly count: (Place & { readonly stitches: number }) | null;
	/** where names are defined in brackets behind them */
	readonly defines: readonly WrittenOut[];
}

/** A row as it is written, for all the numbers it stands for. */
export interface WrittenRow extends Place {
	/** none for a row that is only the next one: a set-up row */
	readonly numbers: readonly number[];
	/** how many rows it is, where it has no numbers */
	readonly times: number;
	/** every row of this kind that nobody else writes */
	readonly all: AllRows | null;
	/** the side that is written, if one is */
	readonly side: RowSide | null;
	readonly round: boolean;
	/** the yarn it is worked in, where it says so */
	readonly colour: string | null;
	/** the stitches are pushed to the other end, and the next row is on the same side */
	readonly slides: boolean;
	/** rows that go on with what was to be repeated without end, or as each stitch faces */
	readonly even: boolean;
	/** where what the row does begins, counted from where the row begins, as are all the places in it */
	readonly bodyFrom: number;
	readonly items: readonly Item[];
	/** the rows it is worked as, its own numbers in turn: `Rows 5-8: rep rows 1-4` */
	readonly like: readonly number[] | null;
	/** how many stitches it is said to end with, and where */
	readonly count: Body['count'];
	/** names that it writes out in brackets behind them */
	readonly defines: Body['defines'];
	/** brackets before the row that say nothing known */
	readonly odd: readonly (Place & { readonly text: string })[];
	/** the names that it uses, each spelling once */
	readonly names: readonly string[];
}
