import { sameCrossing, type Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import { rope } from '../crossing/lean';
import { mirror } from '../crossing/transform';
import { aloneIn, NAMES } from '../naming/inText';
import { plain } from '../naming/key';
import { readKnown } from '../naming/known';
import { becauseOf } from './because';
import type { About, Claim, ReadingHands } from './claim';
import { clausesIn, LONGEST_CLAUSE, sentencesIn, type Clause, type Stretch } from './clauses';
import { assuming, meeting } from './conditions';
import { factsOf, holdingsOf, plainCross, workedFacts, type Facts } from './facts';
import { generalIn, generalUnder, type General } from './general';
import { judged } from './judge';
import { saidOf, type Pick, type Said, type SaidClause } from './said';
import type { NamedAt } from './shorthand';

/** A claim before anybody looks for what would be true instead. */
export interface BareClaim extends Omit<Claim, 'mend'> {
	readonly said: Said | null;
	/** what is true where it was judged; none where it was not */
	readonly facts: Facts | null;
	/** the crossing's name, where it is one */
	readonly name: string | null;
}

/** The claims of a text, judged. */
export function bareClaims(text: string, about: readonly About[], hands: ReadingHands): BareClaim[] {
	return new Reading(text, about, hands).claims();
}

/** A crossing that may be meant: every reading that its name has. */
interface Subject {
	readonly name: string;
	readonly crossings: readonly Crossing[];
	/** its place among those the text is about */
	readonly of: number | null;
}

class Reading {
	readonly #subjects: Subject[];
	readonly #names: NamedAt[];
	readonly #found: BareClaim[] = [];
	/** the crossing named last, by its place among the subjects */
	#lastNamed: number | null = null;
	/** stitches spoken of last */
	#spokenOf: Pick | null = null;

	constructor(
		readonly text: string,
		readonly about: readonly About[],
		readonly hands: ReadingHands
	) {
		this.#subjects = about.map(({ name, crossing }, of) => ({
			name,
			of,
			crossings: crossing ? [crossing] : readingsOf(name)
		}));
		this.#names = this.#namesIn();
	}

	claims(): BareClaim[] {
		for (const sentence of sentencesIn(this.text)) {
			const saying = this.#saying(sentence);
			if (saying) {
				this.#found.push(saying);
				continue;
			}
			this.#sentence(sentence);
		}
		return this.#found;
	}

	/** Every name that stands in the text, those of the crossings that it is about first. */
	#namesIn(): NamedAt[] {
		const found: NamedAt[] = [];
		const put = (from: number, to: number, which: number) => {
			if (!found.some((one) => from < one.to && to > one.from)) found.push({ from, to, which });
		};
		const longest = this.about
			.map(({ name }, which) => ({ name, which }))
			.filter(({ name }) => name.trim() !== '')
			.sort((a, b) => b.name.length - a.name.length);
		for (const { name, which } of longest)
			for (const { index } of this.text.matchAll(new RegExp(aloneIn(name), 'gi')))
				put(index, index + name.length, which);
		for (const pattern of NAMES)
			for (const { 0: name, index } of this.text.matchAll(pattern)) {
				if (found.some((one) => index < one.to && index + name.length > one.from)) continue;
				const crossings = readingsOf(name);
				if (crossings.length === 0) continue;
				let which = this.#subjects.findIndex(
					(one) => plain(one.name) === plain(name) || one.crossings.some((a) => sameCrossing(a, crossings[0]))
				);
				if (which < 0) which = this.#subjects.push({ name, crossings, of: null }) - 1;
				put(index, index + name.length, which);
			}
		return found.sort((a, b) => a.from - b.from);
	}

	#sentence(sentence: Stretch): void {
		const clauses = clausesIn(this.text, sentence, this.#names);
		const inSentence = this.#names.filter(({ from, to }) => from >= sentence.from && to <= sentence.to);
		let before: { said: SaidClause; facts: Facts | null } | null = null;
		let holds = false;
		for (const clause of clauses) {
			if (clause.to - clause.from > LONGEST_CLAUSE) continue;
			const here = inSentence.filter(({ from, to }) => from >= clause.from && to <= clause.to);
			if (here.length > 0) this.#lastNamed = here.at(-1)!.which;
			const said = saidOf(generalIn(clause.shorthand)?.rest ?? clause.shorthand);
			// A definition is known by its hold; how the stitches are worked after it is no claim of its own.
			const defines =
				holds &&
				said?.said.kind === 'face' &&
				/^(?:then )?(?:knit|purl)\b/.test(clause.shorthand) &&
				/^(?:@H|@O|>|@R|@L)/.test(said.said.pick.sign);
			if (!said || defines) continue;
			if (said.said.kind === 'hold') holds = true;
			const claim = this.#claim(clause, said, inSentence, clause.joined === 'or' ? before : null);
			this.#found.push(claim);
			before = { said, facts: claim.facts };
			this.#spokenOf = said.spokenOf ?? this.#spokenOf;
		}
	}

	#claim(
		clause: Clause,
		{ said, denied }: SaidClause,
		inSentence: readonly NamedAt[],
		instead: { said: SaidClause; facts: Facts | null } | null
	): BareClaim {
		const told = { from: clause.from, to: clause.to, kind: said.kind, said };
		const unclear = {
			...told,
			of: null,
			holds: null,
			because: 'It does not say which cross it speaks of.',
			facts: null,
			name: null
		};
		if (said.kind === 'spacing') {
			const subject = this.#about(clause, inSentence)[0];
			return {
				...unclear,
				of: subject === undefined ? null : this.#subjects[subject].of,
				because: 'How far apart crosses stand is a choice, not a fact of the cross.'
			};
		}
		const named = this.#names.some(({ from, to }) => from >= clause.from && to <= clause.to);
		const general = named
			? null
			: (generalIn(clause.shorthand) ??
				(this.about.length === 0 ? generalUnder(clause.shorthand, clause.under) : null));
		if (general) {
			const facts = general.lean || general.at ? this.#generalFacts(general) : null;
			const holds = facts && this.#judge(said, denied, facts, clause);
			return {
				...told,
				of: null,
				holds,
				because: facts ? becauseOf(said, facts, null) : 'It is said of every cross, and crosses differ.',
				facts,
				name: null
			};
		}
		if (said.kind === 'same') return this.#sameness(told, said, denied, clause, inSentence);
		const asked = this.#about(clause, inSentence);
		if (asked.length === 0) return unclear;
		if (WRONG_SIDE.test(clause.shorthand) && TURNS_OVER.includes(said.kind))
			return {
				...unclear,
				of: this.#subjects[asked[0]].of,
				because: 'On the wrong side front and behind change places, and so do knit and purl.'
			};
		const verdicts = asked.map((which) => {
			const subject = this.#subjects[which];
			const verdict = this.#verdict(subject, said, denied, clause, instead);
			return { ...verdict, subject };
		});
		const [{ subject, facts }] = verdicts.filter(({ holds }) => holds === false).concat(verdicts);
		const all = verdicts.map(({ holds }) => holds);
		const holds = all.includes(false) ? false : all.includes(null) ? null : true;
		return {
			...told,
			of: verdicts[0].subject.of,
			holds,
			because: facts
				? becauseOf(said, facts, subject.name)
				: `“${subject.name}” may be read in several ways, and they differ here.`,
			facts,
			name: subject.name
		};
	}

	/** The crossings that a clause is about, by their places among the subjects. */
	#about(clause: Clause, inSentence: readonly NamedAt[]): number[] {
		const here = inSentence
			.filter(({ from, to }) => from >= clause.from && to <= clause.to)
			.map(({ which }) => which);
		if (here.length > 0) return [...new Set(here)];
		if (this.about.length > 1 && BOTH.test(clause.shorthand)) return this.about.map((_, i) => i);
		const said = inSentence.filter(({ to }) => to <= clause.from).at(-1) ?? inSentence.at(0);
		if (said) return [said.which];
		const only = this.#leaning(clause.shorthand);
		if (only !== null) return [only];
		if (this.about.length === 1) return [0];
		return this.#lastNamed === null ? [] : [this.#lastNamed];
	}

	/** “The right cross”, where one of several leans right. */
	#leaning(shorthand: string): number | null {
		const said =
			/^(?:in |for |on |with )?(?:the (right|left)(?:-leaning)? (?:cross|cable|twist|one|rope)|@([RL])\d?)(?= |$)/.exec(
				shorthand
			);
		if (!said) return null;
		const lean = said[1] ?? (said[2] === 'R' ? 'right' : 'left');
		const fits = this.about.flatMap((_, i) =>
			this.#subjects[i].crossings.every((one) => rope(one) === lean) ? [i] : []
		);
		return fits.length === 1 && this.about.length > 1 ? fits[0] : null;
	}

	#verdict(
		subject: Subject,
		said: Said,
		denied: boolean,
		clause: Clause,
		instead: { said: SaidClause; facts: Facts | null } | null
	) {
		const numbers = (clause.shorthand.match(/(?:~|\^|\$|>|@[A-Z])(\d+)/g) ?? []).map((one) =>
			Number(/\d+/.exec(one)![0])
		);
		const fitting = subject.crossings.filter((crossing) =>
			numbers.every((n) => sizesFor(said, crossing).has(n))
		);
		const meant = fitting.length > 0 ? fitting : subject.crossings;
		const judgedAs = meant.map((crossing) => {
			let facts: Facts | null = factsOf(crossing, this.hands);
			if (instead) facts = assuming(instead.said.said, !instead.said.denied, facts, this.#spokenOf);
			return { facts, holds: facts && this.#judge(said, denied, facts, clause) };
		});
		const [first] = judgedAs;
		const agreed = first !== undefined && judgedAs.every(({ holds }) => holds === first.holds);
		return { holds: agreed ? first.holds : null, facts: agreed ? first.facts : null };
	}

	#judge(said: Said, denied: boolean, facts: Facts, { under }: Clause): boolean | null {
		let now: Facts | null = facts;
		for (const condition of under) now = now && meeting(condition, now, this.#spokenOf);
		// “When held in front, the stitches lie on top”: those that are held.
		const spokenOf = under.some((condition) => /\b(?:held|hold|keep|kept)\b/.test(condition))
			? HELD
			: this.#spokenOf;
		return now && judged(said, now, spokenOf, denied);
	}

	/** What is true of every cross that leans, or is held, as a clause says. */
	#generalFacts({ lean, at }: General): Facts {
		const left = this.hands.hand === 'left';
		// Held in front leans left for right hands, and right for left ones.
		const held = at === 'front' ? 'left' : 'right';
		const worked = lean ? (left ? OTHER[lean] : lean) : held;
		return workedFacts(plainCross(worked), left ? OTHER[worked] : worked, this.hands.hand);
	}

	#sameness(
		told: { from: number; to: number; kind: Claim['kind']; said: Said },
		said: Extract<Said, { kind: 'same' }>,
		denied: boolean,
		clause: Clause,
		inSentence: readonly NamedAt[]
	): BareClaim {
		const named = [...new Set(inSentence.map(({ which }) => which))];
		const which = named.length >= 2 ? named : this.about.map((_, i) => i);
		const pair = which.map((i) => this.#subjects[i]);
		const of = pair[0]?.of ?? null;
		const unknown = {
			...told,
			of,
			holds: null,
			because: 'There are not two crosses here to set beside each other.',
			facts: null,
			name: null
		};
		if (pair.length < 2 || pair.some(({ crossings }) => crossings.length !== 1)) return unknown;
		const [[one], ...others] = pair.map(({ crossings }) => crossings);
		const alike = others.every(([other]) => sameCrossing(one, other));
		const mirrored = others.every(([other]) => sameCrossing(mirror(one), other));
		const leans = new Set(pair.map(({ crossings: [crossing] }) => rope(crossing)));
		// Two crosses may be alike in one respect and differ in all others.
		const whole =
			/\b(?:is|are|look|looks) (?:all |both |just |exactly )?(?:alike|identical|the same|equal)(?: cross(?:es)?| cable| thing)?$/.test(
				clause.shorthand.replace(/§\w|\bnot /g, '').trim()
			);
		const is: Readonly<Record<typeof said.how, boolean | null>> = {
			mirrored,
			different: !alike,
			'one-lean': leans.size === 1,
			'two-leans': leans.size === pair.length,
			alike: alike ? true : whole ? false : null
		};
		const so = is[said.how];
		const holds = so === null || !denied ? so : !so;
		const because = alike
			? 'They are one and the same cross.'
			: mirrored
				? 'Each is the other in a mirror.'
				: 'They are neither the same nor each other’s mirror image.';
		return { ...told, of, holds, because, facts: null, name: null };
	}

	/** A rhyme that pairs front and back with left and right, and says nothing else. */
	#saying(sentence: Stretch): BareClaim | null {
		if (this.#names.some(({ from, to }) => from >= sentence.from && to <= sentence.to)) return null;
		const words =
			this.text
				.slice(sentence.from, sentence.to)
				.toLowerCase()
				.match(/[a-z]+|=/g) ?? [];
		const sides = words.filter((word) => word === 'front' || word === 'back');
		const leans = words.filter((word) => word === 'left' || word === 'right');
		if (sides.length === 0 || sides.length !== leans.length || !words.every((word) => SAYING.has(word)))
			return null;
		// One pair alone is a saying only where it has no verb that tells hands what to do.
		if (words.some((word) => IMPERATIVE.has(word)) && sides.length === 1) return null;
		const left = this.hands.hand === 'left';
		const holds = sides.every((side, i) => (side === 'front') === ((leans[i] === 'left') !== left));
		const { length } = this.text.slice(sentence.from, sentence.to).trim();
		const from = sentence.from + this.text.slice(sentence.from, sentence.to).search(/\S/);
		const because = `Held in front leans ${left ? 'right' : 'left'}, held at the back leans ${left ? 'left' : 'right'}${left ? ', in left hands' : ''}.`;
		return {
			from,
			to: from + length,
			kind: 'lean',
			of: null,
			holds,
			because,
			said: null,
			facts: null,
			name: null
		};
	}
}

const HELD: Pick = { sign: '@H', numbers: [] };
const OTHER = { right: 'left', left: 'right' } as const;
/** Seen from the other side of the cloth. */
const WRONG_SIDE =
	/\b(?:from|on|at) the (?:wrong side|other (?:side|face)|BACK of the (?:work|fabric|cloth))\b|\bturned over\b/;
/** What is otherwise there. */
const TURNS_OVER: readonly Said['kind'][] = ['in-front', 'behind', 'face'];
const BOTH =
	/\b(?:both|each|all|either|these|two) (?:of them |of these |cross(?:es)? |cables |twists |of the crosses )?(?=\w)|\bthey (?:both|all)\b|\ball (?:of them|crosses)\b/;
const IMPERATIVE = new Set(['hold', 'held', 'keep']);
const SAYING = new Set(
	'front back left right is are to for the a and in at of means mean leans lean goes go gives make makes hold held keep from so it s cross crosses equals yields = behind'
		.split(' ')
		.filter((word) => word !== 'it' && word !== 'behind' && word !== 's')
);

const readingsOf = (name: string): Crossing[] => {
	const answer = readKnown(name);
	return answer.ok ? answer.value.readings.map(({ crossing }) => crossing) : [];
};

/** The numbers that may be said of a crossing where something is said of it. */
function sizesFor(said: Said, crossing: Crossing): Set<number> {
	const held = holdingsOf(crossing).map(({ stitches }) => stitches.length);
	if (said.kind === 'hold') return new Set(held);
	if (said.kind === 'count') return new Set(said.where === 'needle' ? held : [crossing.stitches]);
	return new Set([crossing.stitches, ...groups(crossing).map((group) => group.length), ...held]);
}
