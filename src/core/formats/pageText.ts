/** A piece of text on a page: where it begins, and how much room it takes, in units of the page; `y` grows upwards. */
export interface PageItem {
	readonly text: string;
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** Least room between two columns, as a share of the page's width, and where it is looked for. */
const LEAST_GAP = 0.02;
const MIDDLE = [0.25, 0.75] as const;
/** Of the lines beside each other, so many at most may go across the room between columns: titles, notes. */
const MOST_ACROSS = 0.25;
const FEWEST_LINES = 4;
const STEPS = 200;

interface Line {
	readonly y: number;
	readonly items: readonly PageItem[];
}

/**
 * The text of a page, line by line, its columns one after the other; what goes across both stands where it stands. A line
 * further away than usual leaves a blank one.
 *
 * @param width of the page, in the units of its items
 */
export function textOfPage(items: readonly PageItem[], width: number): string {
	const seen = items.filter(({ text }) => text.trim() !== '');
	const gap = gapIn(seen, width);
	if (gap === null) return textOfLines(linesOf(seen));
	const parts: string[] = [];
	let [left, right]: [PageItem[], PageItem[]] = [[], []];
	const flush = () => {
		for (const column of [left, right]) if (column.length > 0) parts.push(textOfLines(linesOf(column)));
		[left, right] = [[], []];
	};
	for (const { items: line } of linesOf(seen)) {
		const across = line.filter(({ x, width: wide }) => x < gap && x + wide > gap);
		if (across.length > 0) {
			flush();
			parts.push(textOfLines([{ y: 0, items: line }]));
			continue;
		}
		left.push(...line.filter(({ x }) => x < gap));
		right.push(...line.filter(({ x }) => x >= gap));
	}
	flush();
	return parts.join('\n');
}

/** Where two columns are parted; `null` where there is one. */
function gapIn(items: readonly PageItem[], width: number): number | null {
	const lines = linesOf(items);
	if (lines.length < FEWEST_LINES || width <= 0) return null;
	let best: { at: number; wide: number } | null = null;
	let from: number | null = null;
	for (let step = Math.ceil(MIDDLE[0] * STEPS); step <= MIDDLE[1] * STEPS + 1; step++) {
		const at = (step / STEPS) * width;
		const isOpen = step <= MIDDLE[1] * STEPS && isGap(items, lines.length, at);
		if (isOpen) from ??= at;
		else if (from !== null) {
			const wide = at - from;
			if (wide >= LEAST_GAP * width && (!best || wide > best.wide)) best = { at: from + wide / 2, wide };
			from = null;
		}
	}
	return best?.at ?? null;
}

function isGap(items: readonly PageItem[], lines: number, at: number): boolean {
	const across = items.filter(({ x, width }) => x < at && x + width > at).length;
	const [before, behind] = [
		linesOf(items.filter(({ x }) => x < at)),
		linesOf(items.filter(({ x }) => x >= at))
	];
	return across <= lines * MOST_ACROSS && before.length >= FEWEST_LINES && behind.length >= FEWEST_LINES;
}

/** Items in lines from the top down, each from left to right. */
function linesOf(items: readonly PageItem[]): Line[] {
	const lines: { y: number; height: number; items: PageItem[] }[] = [];
	for (const item of [...items].sort((a, b) => b.y - a.y || a.x - b.x)) {
		const line = lines.at(-1);
		if (line && Math.abs(line.y - item.y) < Math.max(2, line.height * 0.5)) line.items.push(item);
		else lines.push({ y: item.y, height: item.height, items: [item] });
	}
	return lines.map(({ y, items: own }) => ({ y, items: own.sort((a, b) => a.x - b.x) }));
}

function textOfLines(lines: readonly Line[]): string {
	const steps = lines.slice(1).map(({ y }, i) => lines[i].y - y);
	const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
	return lines
		.map(({ items }, i) => {
			const text = items.reduce((said, item, j) => {
				const before = items[j - 1];
				const apart = before && item.x - (before.x + before.width) > item.height * 0.15;
				return said + (apart && !/\s$/.test(said) && !/^\s/.test(item.text) ? ' ' : '') + item.text;
			}, '');
			return (i > 0 && steps[i - 1] > usual * 1.6 ? '\n' : '') + text.trim();
		})
		.join('\n');
}
