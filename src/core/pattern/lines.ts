import { readHead } from './head';
import { sentenceOf } from './sentence';
import { actionOf } from './word';

/** A line as it is meant: a row with the lines that go on with it. */
export interface LogicalLine {
	/** as long as what is written; a line's end within it is a blank */
	readonly text: string;
	readonly from: number;
}

/**
 * The lines of a pattern. A line goes on with the row before it where that lacks its full stop, or where it begins with a
 * word for stitches; a blank line ends a row.
 */
export function logicalLines(text: string): LogicalLine[] {
	const lines: LogicalLine[] = [];
	let open: { isRow: boolean; stopped: boolean } | null = null;
	let from = 0;
	for (const line of text.split('\n')) {
		const last = lines.at(-1);
		const kind = kindOf(line);
		const goesOn: boolean =
			last !== undefined &&
			open !== null &&
			open.isRow &&
			!kind.isBlank &&
			!kind.begins &&
			(!open.stopped || kind.stitches);
		if (goesOn) lines[lines.length - 1] = { ...last!, text: `${last!.text} ${line}` };
		else lines.push({ text: line, from });
		open = kind.isBlank ? null : { isRow: goesOn || kind.isRow, stopped: kind.stopped };
		from += line.length + 1;
	}
	return lines;
}

/** What a line is by itself. */
interface LineKind {
	readonly isBlank: boolean;
	readonly isRow: boolean;
	/** it begins something of its own */
	readonly begins: boolean;
	/** it begins with a word for stitches */
	readonly stitches: boolean;
	readonly stopped: boolean;
}

// A text is read anew at every key, and all but one of its lines are as they were.
const kinds = new Map<string, LineKind>();
const MOST_KEPT = 4_000;

function kindOf(line: string): LineKind {
	let kind = kinds.get(line);
	if (kind) return kind;
	const isBlank = line.trim() === '';
	kind = {
		isBlank,
		isRow: !isBlank && isRow(line),
		begins: !isBlank && begins(line),
		stitches: !isBlank && beginsWithStitch(line),
		stopped: /[.!]\s*$/.test(line)
	};
	if (kinds.size > MOST_KEPT) kinds.clear();
	if (line.length < 2_000) kinds.set(line, kind);
	return kind;
}

const START = /^\s*/;
const isRow = (line: string): boolean => {
	const start = START.exec(line)![0].length;
	// The last statement of a line is what the next may go on with.
	const last = Math.max(start, line.trimEnd().replace(/\.$/, '').lastIndexOf('. ') + 2);
	return readHead(line, start) !== null && (last === start || readHead(line, last) !== null || last < 2);
};

/** Whether a line begins something of its own: a row, a sentence, or a name with what it means. */
function begins(line: string): boolean {
	const said = line.trim();
	if (readHead(said) !== null) return true;
	if (sentenceOf(/^[^.]*/.exec(said)![0]) !== null) return true;
	return /^[^*:[(]{1,60}(?::|=|\s[–—-]\s)\s*\S/.test(said) || /:\s*$/.test(said);
}

function beginsWithStitch(line: string): boolean {
	const first = /^[*[(\s]*([^,.;:*()[\]]+)/.exec(line)?.[1].trim().split(/\s+/) ?? [];
	return first.length > 0 && (actionOf(first[0]) !== null || actionOf(first.slice(0, 2).join(' ')) !== null);
}
