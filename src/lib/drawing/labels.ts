/** Words beside things in a picture: where they begin or end, on which line, how large. */
export interface Label {
	readonly text: string;
	readonly x: number;
	/** the line the letters stand on */
	readonly y: number;
	readonly anchor: 'start' | 'end';
	readonly size: number;
}

/** How wide a letter is for its size, on the average and a little more. */
const LETTER = 0.54;
/** How far apart lines are kept, for their size. */
const LINE = 1.25;
/** Room to the edge of the picture. */
const EDGE = 6;

/** The room that a label takes. */
export function boxOf({ text, x, y, anchor, size }: Label) {
	const width = text.length * size * LETTER;
	const left = anchor === 'start' ? x : x - width;
	return { left, right: left + width, top: y - size, bottom: y + size * (LINE - 1) };
}

const meet = (a: Label, b: Label): boolean => {
	const [one, other] = [boxOf(a), boxOf(b)];
	return one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;
};

/**
 * The same labels inside the picture and none on another: each, in turn, stays where it is wanted, or goes to the nearest
 * line below or above where it is clear of those before it. With no line free it stays.
 */
export function apart<L extends Label>(wanted: readonly L[], width: number, height: number): L[] {
	const placed: L[] = [];
	for (const label of wanted) {
		const inside = within(label, width);
		const step = label.size * 0.4;
		const lines = Array.from({ length: Math.ceil(height / step) }, (_, i) => [
			inside.y + i * step,
			inside.y - i * step
		]).flat();
		const y = lines.find(
			(line) =>
				line >= label.size &&
				line <= height - EDGE &&
				!placed.some((other) => meet({ ...inside, y: line }, other))
		);
		placed.push({ ...inside, y: y ?? inside.y });
	}
	return placed;
}

function within<L extends Label>(label: L, width: number): L {
	const { left, right } = boxOf(label);
	const over = right > width - EDGE ? width - EDGE - right : 0;
	const under = left + over < EDGE ? EDGE - left : over;
	return { ...label, x: label.x + under };
}
