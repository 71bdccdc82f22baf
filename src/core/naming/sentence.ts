import { MOST_IN_GROUP, type WorkWord } from '../crossing/crossing';
import { ORDINAL_WORDS } from '../english';
import type { Move } from '../hands/moves';
import type { Cable, Side } from '../hands/state';
import { good, type Result } from '../result';
import { needleless } from './needleless';
import { numberOf } from './numbers';
import { SentenceCursor, SEPARATORS } from './sentenceCursor';
import { sentenceWords } from './sentenceWords';

/** A written definition as the hands obey it. */
export interface Sentence {
	readonly steps: readonly SentenceStep[];
	/** a hold was left without front or back: it is read both ways */
	readonly openHold: boolean;
	/** two stitches are worked together and drawn past each other: they look like a cross of one over one */
	readonly drawn: boolean;
}

/** A move with the character its phrase begins at; a hold left open says so. */
export interface SentenceStep {
	readonly move: Move;
	readonly at: number;
	readonly open?: true;
}

/**
 * Reads a definition such as “sl next 2 sts to cn and hold in back, k2, p2 from cn” into moves. Every phrase is
 * obeyed, or the answer is `unreadable` with its place; a count of 0 or over 12 is `size`.
 */
export function parseSentence(text: string, from = 0): Result<Sentence> {
	const words = sentenceWords(text, from);
	const without = needleless(new SentenceCursor(words));
	if (!without) return new Parser(words).sentence();
	const at = words[0].at;
	return good({
		steps: without.moves.map((move) => ({ move, at })),
		openHold: false,
		drawn: without.drawn
	});
}

const TELLS =
	/\b(?:(?:slip|sl|place|put|move|transfer|skip|miss|drop|bring|insert|cn\d*|dpn|2nd|3rd|1st again|(?:cable|spare|pointed) needle)\b|c\.\s?n\.|(?:second|third) st|tog\b.*\b(?:sts?|leav(?:e|ing))\b)/i;

/** True for text that tells the hands what to do, and is no name. */
export const isSentence = (text: string): boolean => TELLS.test(text);

interface Work {
	words: WorkWord[];
	from: 'left' | Cable;
	at: number;
	/** no bracket and no needle named: a later “from cn” may reach back over it */
	bare: boolean;
}

const SLIPS = ['slip', 'place', 'put', 'move', 'transfer', 'return', 'replace'];

/** Reads phrase after phrase; `held` counts what each needle holds, which “from cn” needs to know. */
class Parser extends SentenceCursor {
	#steps: (SentenceStep | Work)[] = [];
	#held = new Map<Cable, number>();

	sentence(): Result<Sentence> {
		for (this.pause(); !this.isOver; this.pause()) {
			const begin = this.at;
			if (!this.#phrase()) return this.problem ?? this.unread(begin);
		}
		const steps = this.#steps.map((step): SentenceStep =>
			'move' in step ? step : { move: workMove(step), at: step.at }
		);
		if (steps.length === 0) return this.unread(0);
		return good({ steps, openHold: steps.some(({ open }) => open), drawn: false });
	}

	#phrase(): boolean {
		const at = this.place;
		if (this.eat(...SLIPS)) return this.#slip(at);
		if (this.word === 'hold' && numberOf(this.ahead(1)) !== undefined) return this.#holdFirst(at);
		if (numberOf(this.word) !== undefined && /^(?:st|sts|to|onto)$/.test(this.ahead(1)))
			return this.#slip(at);
		if (this.eat('bring')) return this.#bring(at);
		return this.#work(at);
	}

	/**
	 * “sl 2 sts to cn and hold in back”; back to the left needle: “sl the leftmost st from cn to left needle”; or, without
	 * a needle to go to, the work word `sl`.
	 */
	#slip(at: number): boolean {
		this.fill();
		const end = this.#end();
		this.eat('next', 'first');
		const count = this.#stitches();
		const how = this.#how();
		let source: Cable | null = null;
		if (this.eat('from') && !this.#eatLeft()) {
			source = this.#needle();
			if (!source) return false;
			Object.assign(how, this.#how());
		}
		if (this.eat('back') || source) return this.#backOrSlipped(at, count, end, source, how);
		const before = this.at;
		if (!this.eat('to', 'onto', 'on')) return this.#slippedInPlace(at, count, end, 'left', how);
		this.fill();
		if (this.#eatLeft()) {
			this.at = before;
			return this.#backOrSlipped(at, count, end, null, how);
		}
		const to = this.#needle();
		if (end || count === 'all' || count === null || !to) return false;
		const hold = this.#holding();
		if (hold === false) return false;
		this.#hold(at, count, to, hold, how.knitwise);
		return true;
	}

	/** “Hold 2 sts to front on cn”. */
	#holdFirst(at: number): boolean {
		this.at++;
		const count = this.#stitches();
		if (!this.eat('in', 'at', 'to') || typeof count !== 'number') return false;
		const side = this.#side();
		if (!side || !this.eat('on', 'onto', 'with')) return false;
		const to = this.#needle();
		if (!to) return false;
		this.#hold(at, count, to, side, false);
		return true;
	}

	#hold(at: number, count: number, to: Cable, hold: Side | null, knitwise = false): void {
		this.#held.set(to, (this.#held.get(to) ?? 0) + count);
		const as = knitwise ? ({ as: 'knit' } as const) : {};
		const move: Move = { do: 'slip', count, from: 'left', to, hold: hold ?? 'back', ...as };
		this.#steps.push(hold ? { move, at } : { move, at, open: true });
	}

	/** Where what was slipped waits; `null` where nothing says, `false` where it is said and not understood. */
	#holding(): Side | null | false {
		const before = this.at;
		this.pause();
		if (this.eat('hold', 'leave', 'keep', 'held', 'drop', 'let')) {
			this.fill();
			this.eat('hang', 'drop');
			this.eat('in', 'at', 'to');
			return this.#side() ?? false;
		}
		if (this.eat('in', 'at', 'to')) {
			const side = this.#side();
			if (side) return side;
		}
		this.at = before;
		return null;
	}

	/** Stitches slipped from a needle: back to the left one, or over to the right as they are. */
	#backOrSlipped(
		at: number,
		count: number | 'all' | null,
		end: 'far' | 'near' | null,
		source: Cable | null,
		how: { wyif?: boolean }
	): boolean {
		const from = source ?? [...this.#held].findLast(([, held]) => held > 0)?.[0];
		if (!from || count === null) return false;
		const held = this.#held.get(from) ?? 0;
		const stitches = count === 'all' ? held : count;
		this.eat('back');
		if (!this.eat('to', 'onto', 'on')) return this.#slippedInPlace(at, stitches, end, from, how);
		this.fill();
		if (!this.#eatLeft()) return false;
		this.#held.set(from, held - stitches);
		const which = end === 'near' ? ({ end } as const) : {};
		this.#steps.push({ move: { do: 'return', count: stitches, from, ...which }, at });
		this.attempt(() => this.#workThem(stitches));
		return true;
	}

	/** “and knit them”: what was just put back. */
	#workThem(count: number): true | null {
		this.pause();
		const at = this.place;
		const word = this.word === 'k' ? 'k' : this.word === 'p' ? 'p' : null;
		this.at++;
		if (!word || !this.eat('it', 'them', 'those', 'these')) return null;
		const works = this.eat('tbl') ? (`${word}tbl` as const) : word;
		this.#steps.push({ words: Array.from({ length: count }, () => works), from: 'left', at, bare: false });
		return true;
	}

	#slippedInPlace(
		at: number,
		count: number | 'all' | null,
		end: 'far' | 'near' | null,
		from: 'left' | Cable,
		{ wyif }: { wyif?: boolean }
	): boolean {
		if (typeof count !== 'number' || end) return false;
		if (from !== 'left') this.#held.set(from, (this.#held.get(from) ?? 0) - count);
		const word: WorkWord = wyif ? 'slf' : 'sl';
		this.#steps.push({ words: Array.from({ length: count }, () => word), from, at, bare: false });
		return true;
	}

	/** `2 sts`, `st`, `purl st`, `sts`: how many, or all that are held; `null` where no stitches are named. */
	#stitches(): number | 'all' | null {
		const count = this.count();
		if (this.problem) return null;
		if (/^(?:k|p)$/.test(this.word) && /^sts?$/.test(this.ahead(1))) this.at++;
		if (count !== undefined) {
			this.eat('st', 'sts');
			return count;
		}
		if (this.eat('st')) return 1;
		if (this.eat('sts')) return 'all';
		return /^(?:it|them|the)$/.test(this.words[this.at - 1]?.text ?? '') ? 'all' : null;
	}

	/** How stitches are slipped: purlwise unless it says knitwise, and where the yarn is. */
	#how(): { knitwise?: boolean; wyif?: boolean } {
		const how: { knitwise?: boolean; wyif?: boolean } = {};
		for (;;) {
			if (this.eat('knitwise')) how.knitwise = true;
			else if (this.eat('wyif')) how.wyif = true;
			else if (!this.eat('purlwise', 'wyib')) return how;
		}
	}

	#bring(at: number): boolean {
		const needle = this.#needle();
		if (!needle || !this.eat('to')) return false;
		const side = this.#side();
		if (!side) return false;
		this.#steps.push({ move: { do: 'hold', needle, at: side }, at });
		return true;
	}

	#work(at: number): boolean {
		const bracket = this.eat('(', '[');
		let words: WorkWord[] = [];
		let held = false;
		do {
			while (bracket && SEPARATORS.has(this.word)) this.at++;
			const some = this.#words();
			if (!some) return false;
			held ||= some.held;
			words.push(...some.words);
		} while (bracket && !this.eat(')', ']'));
		const times = bracket ? this.#times() : 1;
		if (times < 1 || words.length * times > MOST_IN_GROUP) return this.wrongSize(words.length * times);
		words = Array.from({ length: times }, () => words).flat();
		const named = this.eat('from', 'off', 'on');
		this.fill();
		if (named && this.#eatLeft()) {
			this.#steps.push({ words, from: 'left', at, bare: false });
			return true;
		}
		const from = named || this.word === 'cn' ? this.#needle() : held ? this.#onlyHolding() : 'left';
		if (!from) return false;
		if (from === 'left') {
			this.#steps.push({ words, from: 'left', at, bare: !bracket });
			return true;
		}
		this.#reachBack(from, words.length);
		this.#steps.push({ words, from, at, bare: false });
		this.#held.set(from, (this.#held.get(from) ?? 0) - words.length);
		return true;
	}

	/** `twice`, `3 times` behind a bracket: the ribs of a rope. */
	#times(): number {
		if (this.eat('twice')) return 2;
		const number = numberOf(this.word);
		if (number === undefined || !/^times?$/.test(this.ahead(1))) return 1;
		this.at += 2;
		return number;
	}

	#onlyHolding(): Cable | null {
		const holding = [...this.#held].filter(([, held]) => held > 0);
		return holding.length === 1 ? holding[0][0] : null;
	}

	/** “k2, p2 from cn” is all from the needle where only that empties it exactly; bare words alone are reached. */
	#reachBack(from: Cable, own: number): void {
		const held = this.#held.get(from) ?? 0;
		let sum = own;
		for (let i = this.#steps.length - 1; i >= 0 && sum < held; i--) {
			const step = this.#steps[i];
			if (!('words' in step) || !step.bare) return;
			sum += step.words.length;
			if (sum !== held) continue;
			for (const reached of this.#steps.slice(i)) if ('words' in reached) reached.from = from;
			this.#held.set(from, held - (sum - own));
		}
	}

	/** `k2`, `knit the next 2 sts`, `p1 tbl`, `knit 2 held sts`, `purl st`, and `knit sts` for all that wait. */
	#words(): { words: WorkWord[]; held: boolean } | null {
		const knit = this.eat('k');
		if (!knit && !this.eat('p')) return null;
		this.fill();
		this.eat('first');
		let count = this.count();
		if (this.problem) return null;
		const held = this.eat('held');
		if (count === undefined && this.word === 'st') count = 1;
		if (count === undefined && this.word === 'sts') {
			const holding = this.#onlyHolding();
			count = holding ? this.#held.get(holding) : undefined;
		}
		if (count === undefined) return null;
		this.eat('st', 'sts');
		const tbl = this.eat('tbl');
		const word: WorkWord = knit ? (tbl ? 'ktbl' : 'k') : tbl ? 'ptbl' : 'p';
		return { words: Array.from({ length: count }, () => word), held };
	}

	/** `cn`, `the second cable needle`, `cn3`, `1st cn`. */
	#needle(): Cable | null {
		this.fill();
		let number = 1;
		const ordinal = ORDINAL_WORDS.indexOf(this.word);
		if (ordinal >= 0) {
			number = ordinal + 1;
			this.at++;
		}
		if (!this.eat('cn')) return null;
		const named = numberOf(this.word);
		if (named !== undefined && this.isJoined) {
			number = named;
			this.at++;
		}
		return number >= 1 && number <= 12 ? (`cable${number}` as Cable) : null;
	}

	/** The needle that the stitches come from. */
	#eatLeft(): boolean {
		return this.attempt(() => (this.fill(), this.eat('LEFT') ? true : null)) ?? false;
	}

	#end(): 'far' | 'near' | null {
		const ends = { left: 'far', right: 'near', leftmost: 'far', rightmost: 'near', last: 'far' } as const;
		const word = this.word;
		if (!(word in ends)) return null;
		this.at++;
		if (word === 'left' || word === 'right') {
			this.eat('-');
			if (!this.eat('most') && !/^sts?$/.test(this.word)) this.problem = this.unread(this.at);
		}
		return ends[word as keyof typeof ends];
	}

	#side(): Side | undefined {
		this.fill();
		const side = this.word;
		if (side !== 'front' && side !== 'back') return undefined;
		this.at++;
		if (this.eat('of')) this.fill();
		return side;
	}
}

const workMove = ({ words, from }: Work): Move => ({ do: 'work', from, stitches: words });
