import { inList } from '../english';
import type { WorkWord } from '../crossing/crossing';
import { faceOf } from '../crossing/work';
import { isDoubled, type Medium } from '../technique/medium';
import { entryOf, tellEntry } from './entry';
import type { Move, MoveOf } from './moves';
import type { Cable, HandState, Side } from './state';
import { lengthSaid, type Voice } from './voice';

/** A step in words: a few for the strip, one sentence for the hands, and what to mind while doing it. */
export interface Told {
	readonly short: string;
	readonly sentence: string;
	readonly detail: string;
}

/** How far inside the taken stitches the reaching tip should lie. */
const REACH_TIP_MM = 10;

/**
 * The words for a move about to be made from a state.
 *
 * For a left-handed voice the state is that of the mirrored hands: its left needle is in the right hand.
 *
 * @param medium double knitting has two yarns, brioche yarn-overs that go with their stitches
 */
export function tell(move: Move, state: HandState, voice: Voice, medium: Medium = 'hand'): Told {
	const say = speaker(state, voice, medium);
	switch (move.do) {
		case 'slip':
			return move.to === 'left' || move.to === 'right' ? passAcross(move, say) : toCable(move, say);
		case 'return':
			return putBack(move, say);
		case 'hold':
			return {
				short: `Cable needle ${say.behind(move.at)}`,
				sentence: `Bring ${say.cable(move.needle)} to the ${move.at}.`,
				detail: 'Its stitches stay on it, in their order.'
			};
		case 'work':
			return work(move, say);
		case 'drop':
			return {
				short: `Drop ${move.count}`,
				sentence: `Let ${say.list(state.left.slice(0, move.count))} slide off the ${say.source} needle.`,
				detail: 'They are worked already, so nothing is lost.'
			};
		case 'let-go': {
			const free = say.list(state.left.slice(0, move.count));
			return {
				short: `Let ${say.bare(state.left.slice(0, move.count))} hang`,
				sentence: `Let ${free} slip off the ${say.source} needle and hang ${say.inPlace(move.at)}.`,
				detail: `Pinch the cloth below, so that nothing runs.${say.yarnOvers}`
			};
		}
		case 'reach':
			return reach(move, say);
		case 'pinch':
			return {
				short: 'Pinch',
				sentence: 'Pinch the cloth just below these stitches.',
				detail: 'Thumb and finger hold the loops that are about to come free.'
			};
		case 'withdraw':
			return withdraw(move, say);
		case 'catch': {
			const group = state.loose.at(-1);
			const needle = move.needle === 'left' ? say.source : say.target;
			return {
				short: `Catch ${say.bare(group?.stitches ?? [])}`,
				sentence: `Catch ${say.list(group?.stitches ?? [])} with the ${needle} needle, ${say.behind(group?.at ?? 'back')}${move.turned ? ', from the other side' : ''}.`,
				detail: move.turned
					? 'Caught so, each sits turned.'
					: move.count === 1
						? 'The same leg in front as before, so that it does not sit turned.'
						: 'All of them at once, in their order, the same leg in front as before.'
			};
		}
		case 'yarn':
			return yarn(move, say);
	}
}

type Speaker = ReturnType<typeof speaker>;

/** The words that depend on the hands: for a left-handed knitter the needles change their names. */
function speaker(state: HandState, voice: Voice, medium: Medium) {
	const mirrored = voice.hand === 'left';
	const atBack = voice.terms === 'us' ? 'in back' : 'at the back';
	const inFront = voice.terms === 'us' ? 'in front' : 'at the front';
	const bare = (stitches: readonly number[]) => stitches.join(' ');
	return {
		state,
		voice,
		doubled: isDoubled(medium),
		/** what goes with each brioche stitch that is moved; empty elsewhere */
		yarnOvers: medium === 'brioche' ? ' Each yarn-over travels with its stitch.' : '',
		/** the needle that stitches come from, and the one they go to */
		source: mirrored ? 'right' : 'left',
		target: mirrored ? 'left' : 'right',
		bare,
		list: (stitches: readonly number[]) =>
			`${stitches.length === 1 ? 'stitch' : 'stitches'} ${inList(stitches)}`,
		behind: (at: Side) => (at === 'back' ? 'behind' : 'in front'),
		inPlace: (at: Side) => (at === 'back' ? atBack : inFront),
		cable: (cable: Cable) => (cable === 'cable1' ? 'the cable needle' : 'the second cable needle')
	};
}

function toCable(move: Extract<MoveOf<'slip'>, { to: Cable }>, say: Speaker): Told {
	const stitches = say.state.left.slice(0, move.count);
	const knitwise = move.as === 'knit';
	const hands =
		say.voice.yarnHand === say.source
			? `The ${say.source} hand now holds needle, yarn and cable needle: rest the yarn over the forefinger.`
			: `The ${say.voice.yarnHand} hand lets the yarn lie while it slips them.`;
	return {
		short: `Slip ${say.bare(stitches)}, hold ${say.behind(move.hold)}`,
		sentence: `Slip ${say.list(stitches)} ${knitwise ? 'knitwise ' : ''}to ${say.cable(move.to)} and hold ${stitches.length === 1 ? 'it' : 'them'} ${say.inPlace(move.hold)}.`,
		detail: `${slippedAs(move.as)}${say.yarnOvers} ${hands}`
	};
}

const slippedAs = (as: MoveOf<'slip'>['as']): string =>
	as === 'knit' ? 'Knitwise: each turns as it goes.' : 'Purlwise, so that nothing twists.';

function passAcross(move: Extract<MoveOf<'slip'>, { to: 'left' | 'right' }>, say: Speaker): Told {
	const stitches = say.state[move.from].slice(0, move.count);
	const inOrder = move.from === 'right' ? [...stitches].reverse() : stitches;
	const to = move.to === 'left' ? say.source : say.target;
	return {
		short: `${move.to === 'left' ? 'Pass back' : 'Slip'} ${say.bare(inOrder)}`,
		sentence: `${move.to === 'left' ? 'Pass' : 'Slip'} ${say.list(inOrder)} ${move.as === 'knit' ? 'knitwise ' : ''}${move.to === 'left' ? 'back ' : ''}to the ${to} needle.`,
		detail: `${move.as === 'knit' ? slippedAs('knit') : 'Purlwise, one after another, tip to tip.'}${say.yarnOvers}`
	};
}

function putBack(move: MoveOf<'return'>, say: Speaker): Told {
	const held = say.state.cables[move.from]?.stitches ?? [];
	const stitches = move.end === 'near' ? held.slice(0, move.count) : held.slice(-move.count);
	const alone = stitches.length === 1;
	const legs = [...new Set(stitches.map((stitch) => say.state.mounts[stitch]))];
	const end = move.end === 'near' ? ` the ${say.target}-hand end of` : '';
	const off = end || move.from !== 'cable1' ? `, off${end} ${say.cable(move.from)}` : '';
	const leg = legs.length === 1 && (legs[0] === 'right' ? say.target : say.source);
	const sits = leg ? ` ${alone ? 'It sits' : 'Each sits'} with its ${leg} leg in front.` : '';
	return {
		short: `Put back ${say.bare(stitches)}`,
		sentence: `Put ${say.list(stitches)} back on the ${say.source} needle${off}.`,
		detail: `From the ${move.end === 'near' ? say.target : say.source}-hand end of the cable needle, in the same order.${alone ? '' : ' Count them.'}${sits}${say.yarnOvers}`
	};
}

/** What is done to a stitch, what is said after it, and what is left of that in a few words. */
const VERBS: Readonly<Record<WorkWord, readonly [verb: string, how: string, short: string]>> = {
	k: ['Knit', '', ''],
	p: ['Purl', '', ''],
	ktbl: ['Knit', ' through the back loop', ' tbl'],
	ptbl: ['Purl', ' through the back loop', ' tbl'],
	sl: ['Slip', ', yarn at the wrong side', ''],
	slf: ['Slip', ', yarn at the right side', ''],
	brk: ['Knit', ' together with its yarn-over', ' with yo'],
	brp: ['Purl', ' together with its yarn-over', ' with yo'],
	slyo: ['Slip', ' with a new yarn-over', ', new yo']
};

function work(move: MoveOf<'work'>, say: Speaker): Told {
	const at = move.from === 'left' ? (move.at ?? 1) : 1;
	const holder = move.from === 'left' ? say.state.left : (say.state.cables[move.from]?.stitches ?? []);
	const far = move.from !== 'left' && move.end === 'far';
	const stitches = far
		? holder.slice(-move.stitches.length).reverse()
		: holder.slice(at - 1, at - 1 + move.stitches.length);
	const [word] = move.stitches;
	const [verb, inHow, briefly] = VERBS[word];
	const how = inHow + (say.doubled ? yarnOf(word) : '');
	const entry = tellEntry(entryOf(word, say.state.start[stitches[0]]), say.voice.hand);
	const hands = howToWork(faceOf(word) ?? 'knit', say);
	const { snug, slack } = evenly(word, say);
	if (move.from !== 'left') {
		const passing = far
			? `, its far end first, passing ${move.swing === 'front' ? 'in front of' : 'behind'} the others`
			: '';
		return {
			short: `${verb} ${say.bare(stitches)}${briefly}, off the cable needle`,
			sentence: `${verb} ${say.list(stitches)}${how}, straight off ${say.cable(move.from)}${passing}.`,
			detail: `From its ${far ? say.source : say.target}-hand end. ${entry} ${hands}${slack}`
		};
	}
	if (move.stay) return workAndLeave(move, stitches, how, say, `${entry} ${hands}${slack}`);
	return {
		short: `${verb} ${say.bare(stitches)}${briefly}`,
		sentence: `${verb} ${say.list(stitches)}${how}, straight from the ${say.source} needle.`,
		detail: `${entry} ${waitingWords(say) || hands}${snug}${slack}`
	};
}

/** Double knitting has a yarn for each layer. */
const yarnOf = (word: WorkWord): string => ` with the ${faceOf(word) === 'purl' ? 'second' : 'first'} yarn`;

/**
 * What keeps a stitch from gaping: the first one past what waited wants a tug, and a purl after a knit the short way
 * round, with what undoes that (`docs/craft.md`, rows).
 */
function evenly(word: WorkWord, { state, doubled, source }: Speaker): { snug: string; slack: string } {
	const before = state.order.at(-1);
	const moved = state.left[0] !== 1 && before === undefined;
	const afterKnit = before !== undefined && faceOf(state.worked[before]!.word) === 'knit';
	return {
		snug: moved ? ' Tug the yarn and work this one snugly: the stitch after those that waited gapes.' : '',
		slack:
			word === 'p' && afterKnit && !doubled && state.start[1] === 'right'
				? ` A purl after a knit gapes: wrapped the short way it does not, then sits ${source} leg in front, and the next row works it through the back loop.`
				: ''
	};
}

/** A stitch worked where it hangs: past which other, on which side of it, and that it stays on. */
function workAndLeave(
	{ stitches: [word], at = 1, behind, together }: Extract<MoveOf<'work'>, { from: 'left' }>,
	stitches: readonly number[],
	how: string,
	say: Speaker,
	detail: string
): Told {
	const [verb, , briefly] = VERBS[word];
	const past = say.state.left.slice(0, at - 1);
	if (together) {
		const all = [...past, ...stitches];
		return {
			short: `${verb} ${say.bare(all)} together${briefly}, leave on`,
			sentence: `${verb} ${say.list(all)} together${how}, and leave them on the ${say.source} needle.`,
			detail
		};
	}
	const side = behind ? 'behind' : 'in front of';
	const where = past.length > 0 ? `, ${side} ${say.list(past)}` : '';
	const it = stitches.length === 1 ? 'it' : 'them';
	return {
		short: `${verb} ${say.bare(stitches)}${briefly}${past.length > 0 ? ` ${side} ${say.bare(past)}` : ''}, leave on`,
		sentence: `${verb} ${say.list(stitches)}${how}${where}, and leave ${it} on the ${say.source} needle.`,
		detail
	};
}

function howToWork(verb: 'knit' | 'purl', { voice }: Speaker): string {
	if (voice.yarnHand === voice.hand)
		return `The ${voice.yarnHand} hand brings the yarn round the tip for the ${verb}.`;
	return verb === 'knit'
		? `The tip picks the yarn up from the ${voice.yarnHand} forefinger.`
		: `The ${voice.yarnHand} forefinger lowers the yarn over the tip.`;
}

/** Who is waiting off the needles, and the trap that waits with them. */
function waitingWords(say: Speaker): string {
	const held = Object.values(say.state.cables);
	const names = held.map(
		(group) =>
			`${inList(group.stitches)} ${group.stitches.length === 1 ? 'waits' : 'wait'} ${say.behind(group.at)}`
	);
	if (names.length === 0) return '';
	const [back, front] = (['back', 'front'] as const).map((side) => held.some(({ at }) => at === side));
	const trap =
		back && front
			? 'The yarn runs between the two cable needles: round either of them it makes an extra loop.'
			: back
				? 'Keep the yarn clear of the cable needle, or it makes an extra loop.'
				: 'The yarn stays behind them, or a strand shows across the front.';
	return `${names.join('; ')}. ${trap}`;
}

function reach(move: MoveOf<'reach'>, say: Speaker): Told {
	const other = move.needle === 'right' ? say.state.left : say.state.right;
	const passed = other.slice(0, move.past);
	const taken = other.slice(move.past, move.past + move.take);
	const inOrder = (stitches: readonly number[]) =>
		move.needle === 'right' ? stitches : [...stitches].reverse();
	const needle = move.needle === 'right' ? say.target : say.source;
	const side = move.pass === 'front' ? 'in front of' : 'behind';
	return {
		short: `Reach ${move.pass === 'front' ? 'in front' : 'behind'}, into ${say.bare(inOrder(taken))}`,
		sentence: `With the ${needle} needle, reach ${side} ${inList(inOrder(passed))} and enter ${inList(inOrder(taken))}.`,
		detail: `Purlwise, ${taken.length === 1 ? 'through it' : 'through all of them'}, until the tip shows about ${lengthSaid(REACH_TIP_MM, say.voice)} beyond. ${legs(taken.length, move.needle === 'right' ? say.source : say.target)}${say.yarnOvers}`
	};
}

/**
 * Which legs the tip may go through: what counts for the mount is the way it points, so front and back legs serve alike
 * while it points along the needle, and a stitch entered the other way turns.
 */
function legs(taken: number, towards: string): string {
	const each = taken === 1 ? ['leg', 'it sits', 'it turns'] : ['legs', 'each sits', 'each turns'];
	return `Through the front or the back ${each[0]}: while the tip points ${towards}, ${each[1]} as before; entered the other way, ${each[2]}.`;
}

function withdraw(move: MoveOf<'withdraw'>, say: Speaker): Told {
	const reached = say.state.reach;
	const passed = say.state[move.needle].slice(0, reached?.past ?? 0);
	const inOrder = move.needle === 'left' ? passed : [...passed].reverse();
	const needle = move.needle === 'left' ? say.source : say.target;
	const at = reached?.pass === 'front' ? 'behind' : 'in front';
	return {
		short: 'Draw the needle out',
		sentence: `Draw the ${needle} needle out of ${move.count === 2 ? 'both' : `all ${move.count}`}: ${inList(inOrder)} ${inOrder.length === 1 ? 'hangs' : 'hang'} free ${at}.`,
		detail: 'Slowly: loops that lie still do not run.'
	};
}

function yarn(move: MoveOf<'yarn'>, say: Speaker): Told {
	const forward = move.to === 'front';
	const held = Object.values(say.state.cables).some(({ at }) => at === 'front');
	const how =
		say.voice.yarnHand === say.voice.hand
			? `The ${say.voice.yarnHand} hand carries it between the two tips.`
			: `The ${say.voice.yarnHand} forefinger swings it between the two tips.`;
	const which = say.doubled ? 'both yarns' : 'the yarn';
	return {
		short: `${say.doubled ? 'Both yarns' : 'Yarn'} ${forward ? 'forward' : 'back'}`,
		sentence: `${forward ? 'Bring' : 'Take'} ${which} ${forward ? 'forward' : 'back'}, between the needles.`,
		detail: forward && held ? `${how} In front of the needle, but behind what waits in front.` : how
	};
}
