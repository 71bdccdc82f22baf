import { MOST_IN_GROUP } from '../crossing/crossing';
import { fault, type Result } from '../result';
import { numberOf } from './numbers';
import type { Token } from './tokens';

/** Words that never change what a phrase says. */
const FILLERS = new Set(['the', 'next', 'of', 'work', 'it', 'them', 'a']);
export const SEPARATORS = new Set([',', ';', '.', '&', 'then', 'and']);

/** A place in the words of a definition, that goes forward as they are understood. */
export class SentenceCursor {
	at = 0;
	/** what is wrong with a word that was understood: a count that is too large */
	problem: Result<never> | null = null;

	constructor(readonly words: readonly Token[]) {}

	get word(): string {
		return this.words[this.at]?.text ?? '';
	}

	/** The character of the text that the present word begins at, from 1; behind the last one at the end. */
	get place(): number {
		return this.words[this.at]?.at ?? (this.words.at(-1)?.at ?? 0) + 1;
	}

	get isOver(): boolean {
		return this.at >= this.words.length;
	}

	ahead(by: number): string {
		return this.words[this.at + by]?.text ?? '';
	}

	eat(...words: string[]): boolean {
		if (!words.includes(this.word)) return false;
		this.at++;
		return true;
	}

	/** Takes words in a row, all or none of them. */
	eatRow(...words: string[]): boolean {
		if (!words.every((word, i) => this.ahead(i) === word)) return false;
		this.at += words.length;
		return true;
	}

	fill(): void {
		while (FILLERS.has(this.word)) this.at++;
	}

	pause(): void {
		while (SEPARATORS.has(this.word)) this.at++;
	}

	/** A count of 1 to 12; any other is a problem of size. */
	count(): number | undefined {
		const count = numberOf(this.word);
		if (count === undefined) return undefined;
		if (count < 1 || count > MOST_IN_GROUP) {
			this.wrongSize(count);
			return undefined;
		}
		this.at++;
		return count;
	}

	/** Says that a group has too many stitches, or none. */
	wrongSize(count: number): false {
		const message = `A group has 1 to ${MOST_IN_GROUP} stitches; this says ${count}.`;
		this.problem = fault('size', message, this.place);
		return false;
	}

	/** True when the present word stands right behind the last one, with no space between. */
	get isJoined(): boolean {
		const last = this.words[this.at - 1];
		return last !== undefined && this.words[this.at]?.at === last.at + last.text.length;
	}

	/** Tries to read something; where that fails, it stands where it stood. */
	attempt<Read>(read: () => Read | null): Read | null {
		const before = this.at;
		const found = read();
		if (found === null) this.at = before;
		return found;
	}

	unread(index: number): Result<never> {
		const word = this.words[index];
		return fault(
			'unreadable',
			`${word ? `What begins with “${word.text}”` : 'The end'} is not understood. Say what is slipped, held and worked, as in “sl next 2 sts to cn and hold in back, k2, k2 from cn”.`,
			word?.at ?? this.place
		);
	}
}
