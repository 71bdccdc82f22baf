/** Where a row grows between two stitches, or loses one: counted from the right edge on, in the stitches before it. */
export interface Change {
	readonly grows: boolean;
	/** of a growth, the stitches to its right; of a loss, the stitch that is taken */
	readonly at: number;
}

/**
 * The columns of a chart: for every row, from the right edge on, whether a stitch stands in each. Growth and loss in one
 * row make up for each other, the nearest first. What is left opens a column, or fills the nearest that is empty; what
 * is lost leaves its column empty until then.
 *
 * @param castOn stitches before the first row
 * @param width stitches of the widest row
 * @param rows what changes in each
 */
export function columnsOf(castOn: number, width: number, rows: readonly (readonly Change[])[]): boolean[][] {
	/** every column there will be, from the right edge on; one that is opened later is empty before */
	const columns: { readonly opened: number }[] = Array.from({ length: castOn }, () => ({ opened: -1 }));
	let live = columns.slice();
	const rowsLive: (typeof live)[] = [];
	rows.forEach((changes, row) => {
		const now = new Set(live);
		for (const { grows, at } of unmatched(changes)) {
			if (!grows) {
				if (live[at]) now.delete(live[at]);
				continue;
			}
			// Between the stitch to its right and the next one.
			const right = at > 0 ? columns.indexOf(live[at - 1]) : -1;
			const left = at < live.length ? columns.indexOf(live[at]) : columns.length;
			const between = columns.slice(right + 1, left).find((column) => !now.has(column));
			if (between) now.add(between);
			else if (columns.length < width) {
				const fresh = { opened: row };
				columns.splice(right + 1, 0, fresh);
				now.add(fresh);
			} else {
				const empty = columns.map((column, i) => (now.has(column) ? Infinity : Math.abs(i - right - 0.5)));
				const nearest = empty.indexOf(Math.min(...empty));
				if (empty[nearest] < Infinity) now.add(columns[nearest]);
			}
		}
		live = columns.filter((column) => now.has(column));
		rowsLive.push(live);
	});
	while (columns.length < width) columns.push({ opened: rows.length });
	return rowsLive.map((stitches) => {
		const has = new Set(stitches);
		return columns.map((column) => has.has(column));
	});
}

/** Rows with more changes than this are matched in their order, not by the nearest. */
const MOST_COMPARED = 48;

/** The changes that nothing in the same row makes up for. */
function unmatched(changes: readonly Change[]): Change[] {
	const left = [...changes].sort((a, b) => a.at - b.at);
	if (left.length > MOST_COMPARED) {
		const open: Change[] = [];
		for (const change of left)
			if (open.length > 0 && open[open.length - 1].grows !== change.grows) open.pop();
			else open.push(change);
		return open;
	}
	for (;;) {
		const [grown, lost] = [left.filter(({ grows }) => grows), left.filter(({ grows }) => !grows)];
		if (grown.length === 0 || lost.length === 0) return left;
		const pairs = grown.flatMap((one) =>
			lost.map((other) => ({ one, other, far: Math.abs(one.at - other.at - 0.5) }))
		);
		const { one, other } = pairs.reduce((near, pair) => (pair.far < near.far ? pair : near));
		left.splice(left.indexOf(one), 1);
		left.splice(left.indexOf(other), 1);
	}
}
