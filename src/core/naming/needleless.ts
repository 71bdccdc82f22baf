import type { WorkWord } from '../crossing/crossing';
import { ORDINAL_WORDS } from '../english';
import type { Move } from '../hands/moves';
import type { Side } from '../hands/state';
import type { SentenceCursor } from './sentenceCursor';

/** Moves that need no needle, and whether two stitches are worked together and drawn past each other. */
export interface Needleless {
	readonly moves: readonly Move[];
	readonly drawn: boolean;
}

/** A stitch that is worked while it stays on, and how the needle comes to it. */
interface Reached {
	readonly nth: number;
	readonly word: WorkWord;
	readonly behind: boolean;
}

/** The forms that need no cable needle, each a whole definition; `null` where the words are none of them. */
export function needleless(cursor: SentenceCursor): Needleless | null {
	return cursor.attempt(() => letGo(cursor)) ?? cursor.attempt(() => reaching(cursor));
}

/** `drop 1 to front, k1, k dropped st` */
function letGo(cursor: SentenceCursor): Needleless | null {
	if (!cursor.eat('drop') || !cursor.eat('1', 'one', 'first', 'next')) return null;
	cursor.eat('st');
	if (cursor.eat('off')) cursor.eat('LEFT', 'needle');
	cursor.pause();
	if (cursor.eat('let', 'leave', 'hold')) cursor.fill();
	if (!cursor.eat('to', 'in', 'at')) return null;
	cursor.fill();
	const side = cursor.word as Side;
	if (!cursor.eat('front', 'back')) return null;
	cursor.fill();
	cursor.pause();
	if (!cursor.eat('k')) return null;
	cursor.fill();
	if (!(cursor.eat('1', 'one', 'second') || cursor.word === 'st')) return null;
	cursor.eat('st');
	cursor.pause();
	if (cursor.eat('pick')) {
		if (!cursor.eat('up')) return null;
		cursor.fill();
		if (!cursor.eatRow('dropped', 'st')) return null;
		cursor.pause();
		if (!cursor.eat('k') || !cursor.eat('it')) return null;
	} else {
		if (!cursor.eat('k')) return null;
		cursor.fill();
		if (!cursor.eatRow('dropped', 'st')) return null;
	}
	cursor.pause();
	if (!cursor.isOver) return null;
	const knit: Move = { do: 'work', from: 'left', stitches: ['k'] };
	return {
		moves: [{ do: 'let-go', count: 1, at: side }, knit, { do: 'catch', needle: 'left', count: 1 }, knit],
		drawn: false
	};
}

/** `k 2nd st, k 1st, drop both` and its kin: stitches are worked out of turn, stay on, and leave together. */
function reaching(cursor: SentenceCursor): Needleless | null {
	const reached: Reached[] = [];
	let [skipped, path, drawn] = [0, null as boolean | null, false];
	for (cursor.pause(); !cursor.isOver; cursor.pause()) {
		const past = cursor.attempt(() => pathPast(cursor));
		const skips = past === null ? cursor.attempt(() => skip(cursor)) : null;
		if (past !== null) path = past;
		else if (skips !== null) skipped = skips;
		else if (cursor.attempt(() => between(cursor))) {
			if (!drawn) return null;
		} else if (cursor.attempt(() => dropped(cursor))) {
			if (reached.length === 0) return null;
		} else {
			const both = cursor.attempt(() => workTogether(cursor));
			if (both !== null) {
				// First together and then the first again, or the second and then together: it looks the same.
				if (reached.length > 1 || (reached.length === 1 && reached[0].nth !== 2)) return null;
				drawn = true;
				if (reached.length === 0) reached.push({ nth: 2, word: 'k', behind: false });
				else reached.push({ nth: 1, word: 'k', behind: false });
				continue;
			}
			const some = cursor.attempt(() => workOne(cursor, skipped, reached.length));
			if (some === null) return null;
			reached.push(...some.map((one) => (path === null ? one : { ...one, behind: path })));
			path = null;
		}
	}
	const count = reached.length;
	const places = new Set(reached.map(({ nth }) => nth));
	if (count < 2 || places.size !== count || Math.max(...places) !== count) return null;
	return {
		moves: [
			...reached.map(({ nth, word, behind }): Move => {
				const move = { do: 'work', from: 'left', stitches: [drawn ? 'k' : word], stay: true } as const;
				return nth === 1 ? move : { ...move, at: nth, behind };
			}),
			{ do: 'drop', count }
		],
		drawn
	};
}

/** “take needle behind first st”: whether it passes behind. */
function pathPast(cursor: SentenceCursor): boolean | null {
	if (!cursor.eat('take', 'bring', 'pass', 'insert', 'put', 'reach', 'go', 'with')) return null;
	cursor.fill();
	cursor.eat('RIGHT', 'needle');
	const behind = side(cursor);
	if (behind === null) return null;
	cursor.fill();
	if (!cursor.eat('first', 'it')) return null;
	cursor.eat('st');
	cursor.pause();
	cursor.eat('to');
	return behind;
}

/** `behind`, `in back of`, `in front of`. */
function side(cursor: SentenceCursor): boolean | null {
	if (cursor.eat('behind')) return true;
	cursor.eat('in', 'to', 'at');
	cursor.fill();
	const word = cursor.word;
	if (!cursor.eat('front', 'back') || cursor.word !== 'of') return null;
	return word === 'back';
}

function skip(cursor: SentenceCursor): number | null {
	if (!cursor.eat('skip')) return null;
	cursor.fill();
	cursor.eat('first');
	const count = cursor.count() ?? 1;
	cursor.eat('st', 'sts');
	return count;
}

/** “insert right needle between the two sts just worked”. */
function between(cursor: SentenceCursor): true | null {
	if (!cursor.eat('insert', 'put')) return null;
	cursor.fill();
	if (!cursor.eat('RIGHT', 'needle') || !cursor.eat('between')) return null;
	cursor.fill();
	cursor.eat('two', '2');
	cursor.eat('sts');
	cursor.eat('just');
	cursor.eat('worked');
	return true;
}

/** `drop both`, “sl both sts off needle tog”, “letting all 3 sts drop off needle together”. */
function dropped(cursor: SentenceCursor): true | null {
	if (!cursor.eat('drop', 'slip', 'let', 'take', 'remove', 'allow')) return null;
	cursor.fill();
	if (cursor.eat('all')) cursor.count();
	else if (!cursor.eat('both')) return null;
	cursor.fill();
	cursor.eat('st', 'sts');
	cursor.eat('to');
	cursor.eat('drop', 'slip', 'fall');
	cursor.eat('off', 'from');
	cursor.fill();
	cursor.eat('LEFT', 'needle');
	cursor.eat('tog');
	return true;
}

/** `k2tog, leave on`; `k both tog tbl`. */
function workTogether(cursor: SentenceCursor): true | null {
	if (!cursor.eat('k')) return null;
	cursor.fill();
	if (!cursor.eat('2', 'two', 'both')) return null;
	cursor.eat('sts');
	if (!cursor.eat('tog')) return null;
	cursor.eat('tbl');
	left(cursor);
	return true;
}

/** A stitch worked by its place, its turn after what was skipped, or as the one that was skipped. */
function workOne(cursor: SentenceCursor, skipped: number, before: number): Reached[] | null {
	const again = ORDINAL_WORDS.includes(cursor.word);
	const knit = again || cursor.eat('k');
	if (!knit && !cursor.eat('p')) return null;
	let twisted = loop(cursor);
	cursor.fill();
	let places: number[];
	const ordinal = ORDINAL_WORDS.indexOf(cursor.word);
	if (ordinal >= 0) {
		cursor.at++;
		places = [ordinal + 1];
	} else if (cursor.eat('skipped')) {
		places = Array.from({ length: skipped }, (_, i) => i + 1);
	} else {
		if (skipped === 0 || before > 0) return null;
		const count = cursor.count();
		if (count === undefined ? cursor.word !== 'st' : count !== 1) return null;
		places = [skipped + 1];
	}
	cursor.eat('st', 'sts');
	let behind: boolean | null = null;
	if (cursor.eat('tbl')) twisted = true;
	else behind = cursor.attempt(() => pastFirst(cursor));
	// “in front” beside a stitch alone is its front loop.
	cursor.attempt(() => (cursor.eat('in') && (cursor.fill(), cursor.eat('front')) ? true : null));
	if (cursor.eat('tbl')) twisted = true;
	cursor.eat('again');
	left(cursor);
	const word: WorkWord = knit ? (twisted ? 'ktbl' : 'k') : twisted ? 'ptbl' : 'p';
	return places.map((nth) => ({ nth, word, behind: behind ?? twisted }));
}

/** “into (the) back of”: which loop; whether it is the back one. */
function loop(cursor: SentenceCursor): boolean {
	if (cursor.eat('tbl')) return true;
	return (
		cursor.attempt(() => {
			if (!cursor.eat('in', 'into', 'through')) return null;
			cursor.fill();
			const word = cursor.word;
			if (!cursor.eat('front', 'back')) return null;
			cursor.eat('loop', 'loops');
			cursor.fill();
			return word === 'back';
		}) ?? false
	);
}

function pastFirst(cursor: SentenceCursor): boolean | null {
	const behind = side(cursor);
	if (behind === null) return null;
	cursor.fill();
	if (!cursor.eat('first')) return null;
	cursor.eat('st');
	return behind;
}

/** “but leave sts on needle”, “leave on”, “without dropping it off”: they stay on till they are dropped anyway. */
function left(cursor: SentenceCursor): void {
	cursor.attempt(() => {
		cursor.pause();
		cursor.eat('but');
		if (cursor.eat('without')) {
			if (!cursor.eat('drop', 'slip', 'removing')) return null;
		} else if (!cursor.eat('leave', 'keep')) return null;
		cursor.fill();
		cursor.eat('both');
		cursor.eat('st', 'sts');
		if (!cursor.eat('on', 'off', 'from')) return null;
		cursor.fill();
		cursor.eat('LEFT', 'needle');
		return true;
	});
}
