import type { WorkWord } from '../crossing/crossing';
import { MOST_IN_GROUP } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import type { Cable, Side } from '../hands/state';
import { fault, good, type Result } from '../result';
import { ORDINAL_WORDS } from '../english';
import { numberOf } from './numbers';
import { tokens, type Token } from './tokens';

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

/** Words that never change what a phrase says. */
const FILLERS = new Set(['the', 'next', 'of', 'work', 'it', 'them']);
const SEPARATORS = new Set([',', ';', '.', '&', 'then', 'and']);
const STITCH = new Set(['st', 'sts', 'stitch', 'stitches']);
/**
 * Reads a definition such as “sl next 2 sts to cn and hold in back, k2, p2 from cn” into moves. Every phrase is
 * obeyed, or the answer is `unreadable` with its place; a count of 0 or over 12 is `size`.
 */
export function parseSentence(text: string, from = 0): Result<Sentence> {
	const pieces = tokens(text).map((piece) => ({ ...piece, at: piece.at + from }));
	return withoutNeedle(pieces) ?? new Parser(pieces).sentence();
}

/** True for text that tells the hands what to do, and is no name. */
export const isSentence = (text: string): boolean =>
	/\b(slip|sl|place|put|move|skip|drop|bring|cn\d*)\b|\bcable needle\b|\b2nd\b|\b1st again\b/i.test(text);

/** The forms that need no needle, each a whole sentence. */
function withoutNeedle(pieces: readonly Token[]): Result<Sentence> | null {
	const said = pieces
		.map(({ text }) => text)
		.filter((text) => !SEPARATORS.has(text) && text !== 'the')
		.map((text) => (text === 'knit' ? 'k' : STITCH.has(text) ? 'st' : text === 'miss' ? 'skip' : text))
		.join(' ');
	const at = pieces[0]?.at ?? 1;
	const steps = (...moves: Move[]): Result<Sentence> =>
		good({ steps: moves.map((move) => ({ move, at })), openHold: false, drawn: false });
	const second = (word: WorkWord, behind: boolean): Move[] => [
		{ do: 'work', from: 'left', stitches: [word], at: 2, stay: true, behind },
		{ do: 'work', from: 'left', stitches: ['k'], stay: true },
		{ do: 'drop', count: 2 }
	];
	const drawn = (behind: boolean): Result<Sentence> =>
		good({ steps: second('k', behind).map((move) => ({ move, at })), openHold: false, drawn: true });
	if (/^k 2 tog leave on k 1 st again drop both$/.test(said)) return drawn(false);
	if (/^k 2 nd st tbl k both tog tbl drop both$/.test(said)) return drawn(true);
	const either = /^k 2 nd st( tbl)?( in front of 1 st| behind 1 st)? k 1 st drop both$/.exec(said);
	if (either) return steps(...second(either[1] ? 'ktbl' : 'k', either[2] === ' behind 1 st'));
	const skipped = /^skip 1(?: st)? k 1( tbl)? k skipped st(?: drop both)?$/.exec(said);
	if (skipped) return steps(...second(skipped[1] ? 'ktbl' : 'k', Boolean(skipped[1])));
	const dropped = /^drop 1(?: st)? to (front|back) k 1 k dropped st$/.exec(said);
	if (!dropped) return null;
	return steps(
		{ do: 'let-go', count: 1, at: dropped[1] as Side },
		{ do: 'work', from: 'left', stitches: ['k'] },
		{ do: 'catch', needle: 'left', count: 1 },
		{ do: 'work', from: 'left', stitches: ['k'] }
	);
}

interface Work {
	words: WorkWord[];
	from: 'left' | Cable;
	at: number;
	/** no bracket and no needle named: a later “from cn” may reach back over it */
	bare: boolean;
}

/** Reads phrase after phrase; `held` counts what each needle holds, which “from cn” needs to know. */
class Parser {
	#at = 0;
	#steps: (SentenceStep | Work)[] = [];
	#held = new Map<Cable, number>();
	#problem: Result<never> | null = null;

	constructor(readonly pieces: readonly Token[]) {}

	sentence(): Result<Sentence> {
		for (;;) {
			while (SEPARATORS.has(this.#word())) this.#at++;
			if (this.#at >= this.pieces.length) break;
			const begin = this.#at;
			if (!this.#phrase()) return this.#problem ?? this.#unread(begin);
		}
		const steps = this.#steps.map((step): SentenceStep =>
			'move' in step ? step : { move: workMove(step), at: step.at }
		);
		if (steps.length === 0) return this.#unread(0);
		return good({ steps, openHold: steps.some(({ open }) => open), drawn: false });
	}

	#phrase(): boolean {
		const at = this.#place();
		if (this.#eat('slip', 'sl', 'place', 'put', 'move', 'return')) return this.#slip(at);
		if (this.#eat('bring')) return this.#bring(at);
		return this.#work(at);
	}

	/** “sl 2 sts to cn and hold in back”, or back to the left needle: “sl the leftmost st from cn to left needle”. */
	#slip(at: number): boolean {
		this.#fill();
		const end = this.#end();
		this.#eat('next', 'first');
		const count = this.#count() ?? (STITCH.has(this.#word()) ? 1 : undefined);
		if (count === undefined) return false;
		this.#eat(...STITCH);
		const knitwise = this.#word() === 'knitwise';
		this.#eat('purlwise', 'knitwise');
		if (this.#eat('from')) return this.#giveBack(at, count, end);
		if (end || !this.#eat('to', 'onto', 'on')) return false;
		const to = this.#needle();
		if (!to) return false;
		const before = this.#at;
		while (SEPARATORS.has(this.#word())) this.#at++;
		let hold: Side | undefined;
		if (this.#eat('hold', 'leave', 'keep')) {
			this.#fill();
			this.#eat('in', 'at', 'to');
			hold = this.#side();
			if (!hold) return false;
		} else this.#at = before;
		this.#held.set(to, (this.#held.get(to) ?? 0) + count);
		const as = knitwise ? ({ as: 'knit' } as const) : {};
		const move: Move = { do: 'slip', count, from: 'left', to, hold: hold ?? 'back', ...as };
		this.#steps.push(hold ? { move, at } : { move, at, open: true });
		return true;
	}

	#giveBack(at: number, count: number, end: 'far' | 'near' | null): boolean {
		const from = this.#needle();
		if (!from) return false;
		this.#eat('back');
		if (!this.#eat('to', 'onto')) return false;
		this.#fill();
		if (this.#eat('needle')) {
			if (!(this.#eat('you') && this.#eat('work') && this.#eat('from'))) return false;
		} else {
			if (!this.#eat('left', 'lh')) return false;
			if (this.#eat('-') && !this.#eat('hand')) return false;
			this.#eat('hand');
			if (!this.#eat('needle')) return false;
		}
		this.#held.set(from, (this.#held.get(from) ?? 0) - count);
		const which = end === 'near' ? ({ end } as const) : {};
		this.#steps.push({ move: { do: 'return', count, from, ...which }, at });
		const before = this.#at;
		while (SEPARATORS.has(this.#word())) this.#at++;
		const verb = this.#place();
		const word: WorkWord | null = /^(k|knit)$/.test(this.#word())
			? 'k'
			: /^(p|purl)$/.test(this.#word())
				? 'p'
				: null;
		const object = this.pieces[this.#at + 1]?.text;
		if (word && (object === 'it' || object === 'them')) {
			this.#at += 2;
			this.#steps.push({
				words: Array.from({ length: count }, () => word),
				from: 'left',
				at: verb,
				bare: false
			});
		} else this.#at = before;
		return true;
	}

	#bring(at: number): boolean {
		const needle = this.#needle();
		if (!needle || !this.#eat('to')) return false;
		const side = this.#side();
		if (!side) return false;
		this.#steps.push({ move: { do: 'hold', needle, at: side }, at });
		return true;
	}

	#work(at: number): boolean {
		const bracket = this.#eat('(', '[');
		const words: WorkWord[] = [];
		do {
			while (bracket && SEPARATORS.has(this.#word())) this.#at++;
			const some = this.#words();
			if (!some) return false;
			words.push(...some);
		} while (bracket && !this.#eat(')', ']'));
		if (!this.#eat('from')) {
			this.#steps.push({ words, from: 'left', at, bare: !bracket });
			return true;
		}
		this.#fill();
		if (this.#eat('left', 'lh')) {
			this.#eat('-');
			this.#eat('hand');
			if (!this.#eat('needle')) return false;
			this.#steps.push({ words, from: 'left', at, bare: false });
			return true;
		}
		const from = this.#needle();
		if (!from) return false;
		this.#reachBack(from, words.length);
		this.#steps.push({ words, from, at, bare: false });
		this.#held.set(from, (this.#held.get(from) ?? 0) - words.length);
		return true;
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

	/** `k2`, `knit the next 2 sts`, `p1 tbl`. */
	#words(): WorkWord[] | null {
		const knit = this.#eat('k', 'knit');
		if (!knit && !this.#eat('p', 'purl')) return null;
		this.#fill();
		const count = this.#count();
		if (count === undefined) return null;
		this.#eat(...STITCH);
		const tbl = this.#eat('tbl');
		const word: WorkWord = knit ? (tbl ? 'ktbl' : 'k') : tbl ? 'ptbl' : 'p';
		return Array.from({ length: count }, () => word);
	}

	/** `cn`, `the second cable needle`, `cn3`, `1st cn`. */
	#needle(): Cable | null {
		this.#eat('a', 'the');
		let number = 1;
		const ordinal = ORDINAL_WORDS.indexOf(this.#word());
		const digits = numberOf(this.#word());
		if (ordinal >= 0) {
			number = ordinal + 1;
			this.#at++;
		} else if (digits !== undefined && /^(st|nd|rd|th)$/.test(this.pieces[this.#at + 1]?.text ?? '')) {
			number = digits;
			this.#at += 2;
		}
		if (this.#eat('cable')) {
			if (!this.#eat('needle')) return null;
		} else if (this.#eat('cn')) {
			const named = numberOf(this.#word());
			if (named !== undefined && this.#joined()) {
				number = named;
				this.#at++;
			}
		} else return null;
		return number >= 1 && number <= 12 ? (`cable${number}` as Cable) : null;
	}

	#end(): 'far' | 'near' | null {
		const ends = { left: 'far', right: 'near', leftmost: 'far', rightmost: 'near', last: 'far' } as const;
		const word = this.#word();
		if (!(word in ends)) return null;
		this.#at++;
		if (word === 'left' || word === 'right') {
			this.#eat('-');
			if (!this.#eat('most')) this.#problem = this.#unread(this.#at);
		}
		return ends[word as keyof typeof ends];
	}

	#side(): Side | undefined {
		this.#fill();
		const side = this.#word();
		if (side !== 'front' && side !== 'back') return undefined;
		this.#at++;
		if (this.#eat('of')) this.#fill();
		return side;
	}

	#count(): number | undefined {
		const count = numberOf(this.#word());
		if (count === undefined) return undefined;
		if (count < 1 || count > MOST_IN_GROUP) {
			this.#problem = fault(
				'size',
				`A group has 1 to ${MOST_IN_GROUP} stitches; this says ${count}.`,
				this.#place()
			);
			return undefined;
		}
		this.#at++;
		return count;
	}

	/** True when the present token stands right behind the last one, with no space between. */
	#joined(): boolean {
		const last = this.pieces[this.#at - 1];
		return last !== undefined && this.pieces[this.#at]?.at === last.at + last.text.length;
	}

	#fill(): void {
		while (FILLERS.has(this.#word())) this.#at++;
	}

	#word = () => this.pieces[this.#at]?.text ?? '';
	#place = () => this.pieces[this.#at]?.at ?? (this.pieces.at(-1)?.at ?? 0) + 1;

	#eat(...words: string[]): boolean {
		if (!words.includes(this.#word())) return false;
		this.#at++;
		return true;
	}

	#unread(index: number): Result<never> {
		const piece = this.pieces[index];
		return fault(
			'unreadable',
			`${piece ? `What begins with “${piece.text}”` : 'The end'} is not understood. Say what is slipped, held and worked, as in “sl next 2 sts to cn and hold in back, k2, k2 from cn”.`,
			piece?.at ?? this.#place()
		);
	}
}

const workMove = ({ words, from }: Work): Move => ({ do: 'work', from, stitches: words });
