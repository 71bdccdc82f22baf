import { mirror } from '../crossing/transform';
import type { Crossing } from '../crossing/crossing';
import { rope } from '../crossing/lean';
import { labelled } from '../naming/definition';
import { WRITTEN_SCHOOLS, type WrittenSchool } from '../naming/schools';
import { rowsWorked } from '../lesson/rows';
import { howMade, slipIn } from '../lesson/slip';
import type { TaughtSlip } from '../faults/slip';
import { minutesOf, type Lesson, type LessonCrossing, type Part } from '../lesson/lesson';
import { rulesWith } from '../rules';
import { rowToCount } from '../swatch/counting';
import { stripOf, type Strip } from '../swatch/strip';
import { isBed } from '../technique/medium';
import { RIGHT_HANDS } from '../ways/handed';
import type { Brief } from './brief';
import { BedWords, TURNS } from './bedWords';
import { estimateOf } from './estimate';
import { madeWays, type MadeWay } from './made';
import { needsOf } from './materials';
import { MOST_WITHOUT_REST } from './pace';
import { FOR_CHILDREN, isRibbed, MEDIUM_TELLING, REVERSIBLE } from './mediumWords';
import { leftSaid } from './leftSaid';
import { likelySlips } from './likelySlips';
import { newPart } from './palette';
import type { Rates } from './rates';
import { schoolOf, type Taught } from './subject';

/** How generous a draft is: what it has time for beside showing, practising and asking. */
export interface Generosity {
	/** how often each crossing is made in class, in the order they are taught */
	readonly times: readonly number[];
	/** both leans are laid side by side, where both are taught */
	readonly compare: boolean;
	/** of how many crossings, from the first, a method without a needle is shown besides the one with it */
	readonly free: number;
	/** how many of the extras it has, in their order */
	readonly extras: number;
	/** the strip was begun at home */
	readonly prepared: boolean;
	/** everything is shown once, as a class that is short for it has to */
	readonly tight: boolean;
}

/** How often a crossing is practised in class: once where there is time for no more, twice as a rule, and at most. */
export const TIMES = { once: 1, usual: 2, most: 8 } as const;
/** What fills the time that is left, in this order. */
export const EXTRAS = 4;
/** The steps are the part's own; this says which of them the class does. */
const FINISH_TOGETHER = 'Bind off together; soaking, pinning out and drying are for home.';
/** Over so many minutes, the wrong side is shown and said to look as it should. */
const LONG_CLASS = 60;
/** The swatch of a brief, and the strip that a draft writes. */
const SWATCH = 's';
export const STRIP = 'strip';

/** A lesson as composed, with the reason of each part. */
export interface Composed {
	readonly lesson: Lesson;
	readonly minutes: number;
	readonly why: readonly { readonly part: string | null; readonly because: string }[];
}

/** A lesson about some crossings, as generous as is asked; `null` where rows have no words for one of them. */
export function composed(
	brief: Brief,
	rates: Rates,
	taught: readonly Taught[],
	generosity: Generosity
): Composed | null {
	const composer = new Composer(brief, rates, taught, generosity);
	if (!composer.write()) return null;
	const { lesson, why } = composer;
	return { lesson, minutes: minutesOf(lesson), why };
}

/** The ways that nothing speaks against here, best first. */
export const comfortable = (
	crossing: Crossing,
	{ level, yarn, needles = 2, medium = 'hand', rules }: Brief
): readonly MadeWay[] =>
	madeWays(crossing, { level, yarn, medium, rules }).filter(
		(way) => way.needles <= needles && way.cautions.length === 0
	);

/** A stretch of the rows of a part that is too long to be knitted in one go. */
function pieceOf(
	{ from = 1, to = from }: { readonly from?: number | undefined; readonly to?: number | undefined },
	piece: number,
	pieces: number
): { from: number; to: number } {
	const end = (done: number) => from - 1 + Math.round(((to - from + 1) * done) / pieces);
	return { from: end(piece) + 1, to: Math.max(end(piece) + 1, end(piece + 1)) };
}

/** Writes the parts of a lesson one after the other, each with its reason. */
class Composer {
	lesson: Lesson;
	readonly why: { part: string | null; because: string }[] = [];
	#sinceRest = 0;
	/** the strip to practise on, where no swatch is given */
	#strip: Strip | null = null;
	/** what is told at a machine or loom of that strip */
	#bedWords: BedWords | null = null;

	constructor(
		readonly brief: Brief,
		readonly rates: Rates,
		taught: readonly Taught[],
		readonly generosity: Generosity
	) {
		const title = taught.length > 0 ? taught.map(({ name }) => name).join(', ') : 'A swatch of known crosses';
		const {
			level,
			medium = 'hand',
			minutes,
			people,
			leftHanded,
			yarn,
			needles,
			names,
			children,
			rules
		} = brief;
		const known = (brief.known ?? []).map((name) => labelled(name)?.label ?? name);
		this.lesson = {
			format: 'pond-loop/lesson@1',
			title: title.slice(0, 200),
			level,
			medium,
			minutes,
			...(people === undefined ? {} : { people }),
			...(leftHanded === undefined ? {} : { leftHanded }),
			...(yarn === undefined ? {} : { yarn }),
			...(needles === undefined ? {} : { needles }),
			...(children ? { children } : {}),
			...(rules && Object.keys(rules).length > 0 ? { rules } : {}),
			...(names ? { names: { school: names.school ?? schoolIn(taught), terms: names.terms ?? 'us' } } : {}),
			...(known.length > 0 ? { known } : {}),
			crossings: taught.map(({ name, crossing }, i) => ({ id: idOf(i), name, crossing, saying: '' })),
			swatches: brief.swatch === undefined ? [] : [{ id: SWATCH, title: 'The swatch', text: brief.swatch }],
			materials: [],
			parts: []
		};
	}

	get #words() {
		return MEDIUM_TELLING[this.lesson.medium];
	}
	get #bed(): boolean {
		return isBed(this.lesson.medium);
	}
	get #swatch(): string {
		return this.#strip ? STRIP : SWATCH;
	}

	write(): boolean {
		const { crossings } = this.lesson;
		if (this.brief.swatch === undefined && !this.#writeStrip()) return false;
		this.#told();
		this.#setUp();
		for (const [i, taught] of crossings.entries()) {
			this.#shown(taught, i);
			if (this.#strip) this.#asked(taught);
		}
		if (!this.#strip) {
			this.#practisedTogether();
			for (const taught of crossings) this.#asked(taught);
		}
		this.#compared();
		this.#counted();
		this.#turnedOver();
		this.#mended();
		this.#besides();
		this.lesson = { ...this.lesson, homework: this.#homework() };
		const materials = needsOf(this.lesson).map(({ material }) => material);
		this.lesson = { ...this.lesson, materials };
		return true;
	}

	#writeStrip(): boolean {
		const { crossings, medium } = this.lesson;
		const crosses = crossings.map(({ id, name, crossing }, i) => ({
			id,
			name,
			crossing,
			times: this.generosity.times[i] ?? TIMES.usual
		}));
		const strip = stripOf(crosses, medium, rulesWith(this.brief.rules));
		if (!strip.ok) return false;
		this.#strip = strip.value;
		if (this.#bed) this.#bedWords = new BedWords(this.lesson, strip.value);
		const swatch = { id: STRIP, title: 'A strip to practise on', text: strip.value.text };
		this.lesson = { ...this.lesson, swatches: [swatch] };
		return true;
	}

	/** What is needed and why, before anybody casts on. */
	#told(): void {
		const care = this.lesson.children ? ` ${FOR_CHILDREN}` : '';
		const turns = this.#bed && (this.lesson.people ?? 1) > 1 ? TURNS : '';
		const before =
			this.#strip && this.generosity.prepared
				? ` Everybody has the strip with them: ${this.#strip.castOn} stitches, ${rowsSaid(this.#strip.setUp)} knitted.`
				: '';
		this.#part(
			{
				kind: 'explain',
				title: 'What we need, and what a cross is',
				text: `${this.#words.need}${care}${turns}${before}`
			},
			'What is needed, and why, comes before the hands begin.'
		);
	}

	/** Cast on, and the rows below the first cross; left to the time before the class where the strip is prepared. */
	#setUp(): void {
		const rows = this.#strip ? null : rowsWorked(this.brief.swatch!, this.lesson.medium);
		const crossed = rows?.ok
			? rows.value.steps.filter(({ worked }) => worked.crossings.length > 0).map(({ row }) => row.n)
			: [];
		const last = this.#strip ? this.#strip.setUp : (crossed.at(0) ?? 1) - 1;
		if (last < 1 || (this.#strip && this.generosity.prepared)) return;
		this.#part(
			{
				kind: 'swatch',
				swatch: this.#swatch,
				from: 1,
				to: last,
				title: this.#strip
					? `Cast on ${this.#strip.castOn}, and set up together`
					: 'Set up the swatch together',
				text: `${this.#words.setUp}${this.#bedWords?.setUp ?? ''}`
			},
			'The first rows set the ropes on their ground; the cross comes later.'
		);
	}

	#shown(taught: LessonCrossing, index: number): void {
		const { id, name, crossing } = taught;
		const ways = comfortable(crossing, this.brief);
		const free = this.#bed ? undefined : ways.find(({ needles }) => needles === 0);
		const held = ways.find(({ needles }) => this.#bed || needles > 0);
		const freeFirst = free && (this.brief.free || this.brief.needles === 0 || !held);
		this.#part(
			{ kind: 'picture', crossing: id, title: `${name} in numbers` },
			'Numbered stitches, before and after: the eye knows what the hands will do.'
		);
		const first = freeFirst ? free : (held ?? ways[0]);
		this.#show(taught, first, index === 0, this.#bed || first.needles > 0 ? NEEDLE : PLAINLY);
		// What was asked for comes first: a second method only once all of it is shown, practised and asked about.
		const second = first === free || !free || index >= this.generosity.free ? null : free;
		// Beginners have made it with a needle before they see that it goes without.
		if (second && this.lesson.level !== 'beginner') this.#show(taught, second, false, COMFORTABLE(crossing));
		this.#practised(taught, index, this.lesson.level === 'beginner' ? second : null);
	}

	#show(taught: LessonCrossing, way: MadeWay, first: boolean, because: string): void {
		const { id, name, crossing } = taught;
		const { level, minutes, medium } = this.lesson;
		const how = this.#bed
			? `on the ${medium}`
			: way.needles > 0
				? 'with a cable needle'
				: 'without a cable needle';
		const text = [this.#bedWords?.cross(taught), this.#leftHanded(crossing, first)]
			.filter(Boolean)
			.join('\n\n');
		this.#part(
			{
				kind: 'show',
				crossing: id,
				way: way.id,
				title: `Show ${name} ${how}`,
				times: this.generosity.tight ? 1 : 2,
				...(level === 'beginner' ? { pace: 'slow' as const } : {}),
				...(this.#bed ? {} : { yarnHands: 'both' as const }),
				...(first && minutes > LONG_CLASS ? { sides: 'both' as const } : {}),
				...(text ? { text } : {})
			},
			because
		);
	}

	/** What changes for left hands, where some come. */
	#leftHanded(crossing: Crossing, first: boolean): string | null {
		// At a bed there is nothing to say twice.
		return !this.brief.leftHanded || (this.#bed && !first) ? null : leftSaid(this.lesson, crossing);
	}

	/** A crossing practised on its own rows; with a way without a needle, shown when it sits. */
	#practised(taught: LessonCrossing, index: number, later: MadeWay | null): void {
		if (!this.#strip) {
			if (later) this.#show(taught, later, false, COMFORTABLE(taught.crossing));
			return;
		}
		const { id, name } = taught;
		const { from, to, crosses } = this.#strip.bands[index];
		// The rows of the first band up to its cross were knitted together, or at home.
		const begins = index === 0 ? this.#strip.setUp + 1 : from;
		const stretches = this.#stretches(
			id,
			begins,
			to,
			crosses,
			later ? Math.ceil(crosses.length / 2) : crosses.length
		);
		stretches.forEach((rows, i) => {
			if (later && i === stretches.findIndex((one) => one.from > crosses[Math.ceil(crosses.length / 2) - 1]))
				this.#show(taught, later, false, COMFORTABLE(taught.crossing));
			const title = `${this.#practise}: ${name}${i > 0 ? ', going on' : ''}`;
			this.#part(
				{ kind: 'practice', swatch: STRIP, crossing: id, ...rows, title },
				`${timesSaid(crosses.filter((row) => row >= rows.from && row <= rows.to).length)}, with plain rows between, until the hands know.`
			);
		});
		if (later && crosses.length < 2) this.#show(taught, later, false, COMFORTABLE(taught.crossing));
	}

	/** The rows of a band in stretches that no rest has to interrupt; one ends where the hands are shown something. */
	#stretches(crossing: string, from: number, to: number, crosses: readonly number[], shownAt: number) {
		const ends = crosses.map((_, i) => (i === crosses.length - 1 ? to : crosses[i + 1] - 1));
		const stretches: { from: number; to: number }[] = [];
		let begin = from;
		let held = 0;
		for (const [i, end] of ends.entries()) {
			const minutes = this.#minutes({
				kind: 'practice',
				swatch: STRIP,
				crossing,
				from: begin,
				to: end,
				title: ''
			});
			if (held > 0 && minutes > this.#longest) {
				stretches.push({ from: begin, to: ends[i - 1] });
				begin = ends[i - 1] + 1;
				held = 0;
			}
			held++;
			if (i + 1 === shownAt || i === ends.length - 1) {
				stretches.push({ from: begin, to: end });
				begin = end + 1;
				held = 0;
			}
		}
		return stretches;
	}

	get #practise(): string {
		return this.brief.names?.terms === 'uk' ? 'Practise' : 'Practice';
	}

	#practisedTogether(): void {
		this.#part(
			{ kind: 'practice', swatch: SWATCH, title: `${this.#practise} on the swatch`, times: 1 },
			'One piece of knitting serves every cross in it.'
		);
	}

	#asked({ id }: LessonCrossing): void {
		this.#part(newPart(this.lesson, 'check', '0', id, this.rates)!, 'A question shows who has seen it.');
	}

	/** Both leans side by side, where both are taught. */
	#compared(): void {
		if (this.brief.compare === false || !this.generosity.compare) return;
		const right = this.lesson.crossings.find(({ crossing }) => rope(crossing) === 'right');
		const left = this.lesson.crossings.find(({ crossing }) => rope(crossing) === 'left');
		if (!right || !left) return;
		this.#part(
			{
				kind: 'compare',
				title: `${right.name} beside ${left.name}`,
				left: { crossing: left.id },
				right: { crossing: right.id }
			},
			'Side by side, the two leans are told apart for good.'
		);
	}

	#counted(): void {
		const rows = rowsWorked(this.lesson.swatches[0].text, this.lesson.medium);
		this.#part(
			{
				kind: 'count',
				swatch: this.#swatch,
				row: rows.ok ? rowToCount(rows.value) : 1,
				title: 'Where am I? Read the rows off the cloth'
			},
			'Who can count the bars above a cross finds the place again.'
		);
	}

	#turnedOver(): void {
		if (this.lesson.minutes <= LONG_CLASS) return;
		const { crossings } = this.lesson;
		const turned =
			this.lesson.medium === 'hand' &&
			crossings.length > 0 &&
			crossings.every(({ crossing }) => isRibbed(crossing))
				? REVERSIBLE
				: this.#words.turned;
		this.#part(
			{ kind: 'explain', ...turned },
			'What looks wrong on the other side is often as it should be.'
		);
	}

	#mended(): void {
		const first = this.#slipping;
		if (!first) return;
		const [slip] = this.#slips(first);
		const known = this.brief.slips?.some((one) => one.name === first.name && one.slip === slip);
		this.#mend(
			first,
			slip,
			known ? 'The slip that was seen in class.' : 'The likeliest slip, seen before it happens.'
		);
	}

	#mend({ id, name }: LessonCrossing, slip: TaughtSlip, because: string, again = false): void {
		const title = again ? `Another slip in ${name}` : `When ${name} goes wrong`;
		this.#part({ kind: 'mend', crossing: id, slip, title }, because);
	}

	/** The cross whose slip is shown: one in which a slip was seen, else the first. */
	get #slipping(): LessonCrossing | undefined {
		const { crossings } = this.lesson;
		return crossings.find(({ name }) => this.brief.slips?.some((one) => one.name === name)) ?? crossings[0];
	}

	/** The slips that these learners make most, what their classes showed before first. */
	#slips(taught: LessonCrossing): TaughtSlip[] {
		const seen = (this.brief.slips ?? []).flatMap(({ name, slip }) => (name === taught.name ? [slip] : []));
		return likelySlips(this.lesson, taught, seen);
	}

	/** The slip once more as a question, which shows who sees what the hands did. */
	#askedOfSlip({ id, name, crossing }: LessonCrossing, slip: TaughtSlip): void {
		const { question, cause } = slipIn(howMade(this.lesson), crossing, name, slip, RIGHT_HANDS);
		this.#part(
			{ kind: 'check', crossing: id, title: `What went wrong in ${name}?`, question, answer: cause },
			'Who sees what the hands did can mend it.'
		);
	}

	/** What there is time for besides: comparing, a second slip, the other lean, the finish. */
	#besides(): void {
		const [first] = this.lesson.crossings;
		const { extras } = this.generosity;
		if (extras > 0 && first && this.brief.compare !== false) this.#comparedWays(first);
		const slipping = this.#slipping;
		if (extras > 0 && slipping) this.#askedOfSlip(slipping, this.#slips(slipping)[0]);
		if (extras > 1 && slipping)
			this.#mend(slipping, this.#slips(slipping)[1], 'There is time for a second slip.', true);
		if (extras > 2 && first) this.#otherLean(first);
		if (extras > 2 && first) this.#lifted(first);
		if (extras > 3)
			this.#part(
				{ kind: 'finish', title: 'Bind off and finish', text: FINISH_TOGETHER },
				'A piece that is finished shows what the crosses come to.'
			);
	}

	#comparedWays({ id, name, crossing }: LessonCrossing): void {
		const [one, other] = comfortable(crossing, this.brief);
		if (this.lesson.parts.some(({ kind }) => kind === 'compare') || !other) return;
		this.#part(
			{
				kind: 'compare',
				title: `${name}, two ways`,
				left: { crossing: id, way: one.id },
				right: { crossing: id, way: other.id }
			},
			'Two ways to one cross: each chooses her own.'
		);
	}

	/** A rope on a plain bed stands up once a purl column is hooked up at each side. */
	#lifted(taught: LessonCrossing): void {
		const text = this.#bedWords?.gutters(taught);
		if (text)
			this.#part(
				{ kind: 'explain', title: 'Lift the rope: hook up its gutters', text },
				'On a plain bed the rope sinks; a gutter at each side lifts it.'
			);
	}

	#otherLean({ name, crossing }: LessonCrossing): void {
		const leans = new Set(this.lesson.crossings.map((one) => rope(one.crossing)));
		const other = rope(mirror(crossing));
		if (leans.has(other) || (other !== 'right' && other !== 'left')) return;
		this.#part(
			{
				kind: 'explain',
				title: 'The other lean',
				text: `Every cross has one that mirrors it. Let the class work out what changes beside ${name}, and try it on the last rows.`
			},
			'Who knows one lean finds the other.'
		);
	}

	/** A part with the minutes it takes; a rest before it where hands would work too long, and two of it where it is longer than that. */
	#part(part: PartWords, because: string): void {
		const estimate = this.#minutes(part);
		// Cast on and set up in one go, also with children, while no rest is due.
		const longest = part.kind === 'swatch' ? MOST_WITHOUT_REST : this.#longest;
		const pieces = Math.ceil(estimate / longest);
		for (let piece = 0; piece < pieces; piece++) {
			const minutes = Math.ceil(estimate / pieces);
			if (this.#sinceRest + minutes > MOST_WITHOUT_REST) this.#rest();
			this.#sinceRest += minutes;
			const title = pieces > 1 && piece > 0 ? `${part.title}, going on` : part.title;
			const rows = part.kind === 'swatch' && pieces > 1 ? pieceOf(part, piece, pieces) : {};
			this.#put({ ...part, ...rows, title } as PartWords, minutes, because);
		}
	}

	/** No part is longer than this, so that a rest can come between, in minutes. */
	get #longest(): number {
		return this.lesson.children ? LONGEST_FOR_CHILDREN : LONGEST_PART;
	}

	#minutes(part: PartWords): number {
		return estimateOf(this.lesson, { ...part, id: '0', minutes: 0 } as Part, this.rates);
	}

	#rest(): void {
		const part = newPart(this.lesson, 'care', '0', undefined, this.rates)!;
		this.#sinceRest = 0;
		this.#put(part, part.minutes, 'Crossing strains hands: no half hour goes by without a rest.');
	}

	#put(part: PartWords, minutes: number, because: string): void {
		const id = String(this.lesson.parts.length + 1);
		this.lesson = { ...this.lesson, parts: [...this.lesson.parts, { ...part, id, minutes } as Part] };
		this.why.push({ part: id, because });
	}

	#homework(): string {
		if (!this.#strip) return 'Knit the swatch on to twice its length, then bind off, soak and pin it out.';
		const { castOn, setUp } = this.#strip;
		const before = this.generosity.prepared
			? `Before the class: cast on ${castOn} and knit ${rowsSaid(setUp)} of the strip. After it: `
			: '';
		return `${before}${this.#words.home(castOn)}`;
	}
}

const NEEDLE = 'Where tools hold the stitches nothing hangs loose, so the eye can follow.';
const PLAINLY = 'This is how it is made here.';
const COMFORTABLE = ({ stitches }: Crossing): string =>
	`${stitches} stitches are comfortable without a needle at this level.`;

const rowsSaid = (count: number): string => (count === 1 ? 'row 1' : `rows 1 to ${count}`);
const timesSaid = (count: number): string =>
	count === 1 ? 'Once' : count === 2 ? 'Twice' : `${count} times`;

/** The school that the names are of; numbers over numbers where they are of none that is written. */
const schoolIn = (taught: readonly Taught[]): WrittenSchool => {
	const first = taught.map(({ name }) => schoolOf(name)).find((school) => school !== null);
	return WRITTEN_SCHOOLS.find((school) => school === first) ?? 'over';
};

/** A part of any kind without its id and minutes. */
type PartWords = Part extends infer P ? (P extends Part ? Omit<P, 'id' | 'minutes'> : never) : never;

const LONGEST_PART = 25;
const LONGEST_FOR_CHILDREN = 15;

/** `a`, `b`, … */
const idOf = (i: number): string => String.fromCharCode(97 + i);
