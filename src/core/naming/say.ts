import { sameCrossing, type Crossing, type WorkWord } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { groups } from '../crossing/groups';
import { mirror } from '../crossing/transform';
import type { Voice } from '../hands/voice';
import { fault, good, type Result } from '../result';
import { readName } from './read';
import { namedOf } from './write';

/** Most cable needles that a definition numbers. */
const MOST_NEEDLES = 12;

type Words = Pick<Voice, 'hand' | 'keep' | 'terms'>;

/**
 * The written definition of a hand crossing, which `read` takes back as the same crossing; for a left-handed knitter
 * who keeps the fabric, as its mirror image. `conflict` where words do not reach.
 */
export function say(crossing: Crossing, voice: Words): Result<string> {
	const made = voice.hand === 'left' && voice.keep === 'fabric' ? mirror(crossing) : crossing;
	const text = shortSentence(made, voice) ?? longSentence(made, voice);
	const back = text === null ? null : readName(text);
	if (
		text !== null &&
		back?.ok &&
		!back.value.ambiguous &&
		sameCrossing(back.value.readings[0].crossing, made)
	)
		return good(text);
	return fault(
		'conflict',
		`This crossing cannot be written out: a definition has knit and purl stitches and up to ${MOST_NEEDLES} cable needles.`
	);
}

/** The forms that patterns print, for crossings that have a name. */
function shortSentence(crossing: Crossing, voice: Words): string | null {
	// How the stitches are worked changes nothing of the form.
	const named = namedOf({ ...crossing, work: crossing.work.map(() => 'k') });
	if (!named) return null;
	const { sizes, side, centre } = named;
	const at = side === 'right' ? 'back' : 'front';
	const { work } = crossing;
	if (sizes.length === 2) {
		const [held, worked] = sizes;
		return [slip(held, 'cn', at, voice), knitted(work.slice(0, worked)), from('cn', work.slice(worked))].join(
			', '
		);
	}
	const [first, middle, third] = sizes;
	const [ofThird, ofMiddle, ofFirst] = [
		work.slice(0, third),
		work.slice(third, third + middle),
		work.slice(third + middle)
	];
	if (centre === 'between') {
		// Those slipped last lie at the end nearest the needle one works from: at the left for right hands only.
		const [end, needle] =
			voice.hand === 'left' ? ['last', 'the needle you work from'] : ['leftmost', 'the left needle'];
		const back = `sl the ${end} ${stitches(middle)} from cn back to ${needle}`;
		return [
			slip(first + middle, 'cn', at, voice),
			knitted(ofThird),
			back,
			knitted(ofMiddle),
			from('cn', ofFirst)
		].join(', ');
	}
	return [
		slip(first, 'cn1', at, voice),
		slip(middle, 'cn2', 'back', voice),
		knitted(ofThird),
		from('cn2', ofMiddle),
		from('cn1', ofFirst)
	].join(', ');
}

/**
 * Any crossing: every group that moves goes to a needle of its own and waits at the back, the needles are brought
 * there once more in order of depth, the nearest first, and then each group is worked from its needle.
 */
function longSentence(crossing: Crossing, voice: Words): string | null {
	const depths = frontToBack(crossing.stitches, crossing.over) ?? [];
	const moving = new Set(crossing.over.flat());
	const all = groups(crossing);
	const held = all.filter(([first]) => moving.has(first));
	if (held.length > MOST_NEEDLES) return null;
	const place = new Map(crossing.order.map((stitch, i) => [stitch, i]));
	const wordsOf = (group: readonly number[]) => group.map((stitch) => crossing.work[place.get(stitch)!]);
	const needle = (group: readonly number[]) => `cn${held.indexOf(group) + 1}`;
	const still = (group: readonly number[]) => !held.includes(group);
	const phrases: string[] = [];
	// A group that stays where it is parts the crossing in two, each of them crossed for itself.
	let part: (readonly number[])[] = [];
	const finish = () => {
		for (const group of part) phrases.push(slip(group.length, needle(group), 'back', voice));
		const nearest = [...part].sort((a, b) => depths.indexOf(a[0]) - depths.indexOf(b[0]));
		if (nearest.some((group, i) => group !== part[i]))
			phrases.push(...nearest.map((group) => `bring ${needle(group)} to back`));
		const worked = [...part].sort((a, b) => place.get(a[0])! - place.get(b[0])!);
		phrases.push(...worked.map((group) => from(needle(group), wordsOf(group))));
		part = [];
	};
	for (const group of all) {
		if (!still(group)) {
			part.push(group);
			continue;
		}
		finish();
		phrases.push(knitted(wordsOf(group)));
	}
	finish();
	return phrases.join(', ');
}

const stitches = (count: number) => `${count} ${count === 1 ? 'st' : 'sts'}`;

function slip(count: number, needle: string, at: 'front' | 'back', { terms }: Words): string {
	return `sl next ${stitches(count)} to ${needle} and hold ${terms === 'us' ? 'in' : 'at'} ${at}`;
}

/** `k2, p1 tbl`: words of one kind together; `(k1, p1) twice` where they take turns, as in a rib. */
function knitted(words: readonly WorkWord[]): string {
	const turns = turnsOf(words);
	if (turns) return `(${knitted(words.slice(0, 2))}) ${turns === 2 ? 'twice' : `${turns} times`}`;
	return runs(words)
		.map(({ word, count }) => `${word[0]}${count}${word.endsWith('tbl') ? ' tbl' : ''}`)
		.join(', ');
}

/** `k2 from cn`, in brackets where words of two kinds come from one needle. */
function from(needle: string, words: readonly WorkWord[]): string {
	const said = knitted(words);
	return `${runs(words).length > 1 && !turnsOf(words) ? `(${said})` : said} from ${needle}`;
}

/** How often two words take turns, where they do it more than once and nothing else is worked. */
const turnsOf = (words: readonly WorkWord[]): number | null =>
	words.length > 2 &&
	words.length % 2 === 0 &&
	words[0] !== words[1] &&
	words.every((word, i) => word === words[i % 2])
		? words.length / 2
		: null;

function runs(words: readonly WorkWord[]): { word: WorkWord; count: number }[] {
	const found: { word: WorkWord; count: number }[] = [];
	for (const word of words) {
		const last = found[found.length - 1];
		if (last?.word === word) last.count++;
		else found.push({ word, count: 1 });
	}
	return found;
}
