import type { Crossing } from '../crossing/crossing';
import { movementsOf, type Move, type Moves } from '../hands/moves';
import { mostLoose, outcome, play, type Outcome } from '../hands/play';
import type { Leg } from '../hands/state';
import { good, type Result } from '../result';
import { USUAL_RULES } from '../rules';
import { cautionsOf, type Circumstances } from './cautions';
import { cnCentre, cnOff, cnReorder, cnReturn, cnSwing, cnTwo } from './cn';
import {
	freeBackLoop,
	freeDrop,
	freeReach,
	freeRightStart,
	freeSecondFirst,
	freeThirdFirst,
	freeTogetherFirst
} from './free';
import { foundScripts, type FoundWay } from './found';
import type { KnownWay } from './way';

/** A way played through for one crossing: its script, what it costs, what it makes, what speaks against it. */
export interface Way {
	readonly id: string;
	readonly title: string;
	readonly gist: string;
	/** cable needles it takes */
	readonly needles: 0 | 1 | 2;
	readonly moves: readonly Move[];
	readonly movements: number;
	/** the most stitches off every needle at one time */
	readonly mostLoose: number;
	readonly result: Omit<Outcome, 'agrees'>;
	readonly agrees: boolean;
	readonly cautions: readonly string[];
}

export interface WayOptions extends Circumstances {
	/** the most cable needles allowed */
	readonly needles: 0 | 1 | 2;
	/** the leg in front of every stitch at the start */
	readonly mounts: Leg;
}

export const WAY_DEFAULTS: WayOptions = {
	level: 'improver',
	yarn: 'plain',
	needles: 2,
	mounts: 'right',
	hand: 'right',
	keep: 'fabric',
	rules: USUAL_RULES
};

export const KNOWN_WAYS: readonly KnownWay[] = [
	...[cnOff, cnReturn, cnReorder, cnCentre, cnTwo, cnSwing],
	...[freeReach, freeRightStart, freeSecondFirst, freeTogetherFirst, freeThirdFirst, freeBackLoop, freeDrop]
];

/** Every known way that fits, each played to prove what it makes, best first; none where hands have no name for one. */
export function knownWays(crossing: Crossing, options: Partial<WayOptions> = {}): Way[] {
	const given = { ...WAY_DEFAULTS, ...options };
	return KNOWN_WAYS.filter((way) => way.needles <= given.needles && way.fits(crossing))
		.map((way) => {
			const { id, gist, needles } = way;
			const title = (given.hand === 'left' && way.leftHanded) || way.title;
			return proved(crossing, { id, title, gist, needles }, way.script(crossing), given);
		})
		.sort(better);
}

/**
 * Ways to make a crossing, best first: the known ones, and after them those that a search finds where none is known or
 * when it is asked for. There is always one.
 */
export function waysOf(
	crossing: Crossing,
	options: Partial<WayOptions> & { readonly search?: boolean } = {}
): Way[] {
	const known = knownWays(crossing, options);
	if (known.length > 0 && !options.search) return known;
	return [
		...known,
		...foundWays(crossing, foundScripts(crossing, options.needles ?? WAY_DEFAULTS.needles), options)
	];
}

/** The way of a crossing that goes by an id, found ones included. */
export function wayOf(crossing: Crossing, id: string, options: Partial<WayOptions> = {}): Way | undefined {
	return waysOf(crossing, { ...options, search: id.startsWith('found-') }).find((way) => way.id === id);
}

/** Scripts that were found, played to prove what they make, best first. */
export function foundWays(
	crossing: Crossing,
	found: readonly FoundWay[],
	options: Partial<WayOptions> = {}
): Way[] {
	const given = { ...WAY_DEFAULTS, ...options };
	return found
		.map(({ moves, needles, shortest }) => {
			const title = FOUND_TITLES[needles];
			const gist = shortest
				? 'The fewest movements there are with these hands and needles.'
				: 'Put together step by step: sure, but longer than need be.';
			return proved(crossing, { id: '', title, gist, needles }, moves, given);
		})
		.sort(better)
		.map((way, i) => ({ ...way, id: `found-${i + 1}` }));
}

const FOUND_TITLES = [
	'Found: reach and catch, no needle',
	'Found: with one cable needle',
	'Found: with two cable needles'
] as const;

/** Ways that agree, then fewest cautions, fewest movements, fewest loose stitches, then by id. */
const better = (a: Way, b: Way): number =>
	Number(b.agrees) - Number(a.agrees) ||
	a.cautions.length - b.cautions.length ||
	a.movements - b.movements ||
	a.mostLoose - b.mostLoose ||
	(a.id < b.id ? -1 : 1);

/** A script of the teacher's own, as a way; or why hands cannot play it, with the number of the move. */
export function ownWay(
	crossing: Crossing,
	{ moves, mounts }: Moves,
	options: Partial<WayOptions> = {}
): Result<Way> {
	const cables = new Set(moves.map(cableIn).filter((cable) => cable !== null));
	const needles = Math.min(2, cables.size) as 0 | 1 | 2;
	const known = { id: 'own', title: 'A script of your own', gist: 'Brought in from a file.', needles };
	const given = { ...WAY_DEFAULTS, ...options };
	return measured(crossing, known, moves, mounts ?? crossing.order.map(() => given.mounts), given);
}

const cableIn = (move: Move): string | null => {
	if (move.do === 'slip' && move.to !== 'left' && move.to !== 'right') return move.to;
	return null;
};

/** @throws when the script breaks a rule of the hands: those made here never do */
function proved(
	crossing: Crossing,
	known: Pick<Way, 'id' | 'title' | 'gist' | 'needles'>,
	script: readonly Move[],
	options: WayOptions
): Way {
	const way = measured(
		crossing,
		known,
		script,
		crossing.order.map(() => options.mounts),
		options
	);
	if (!way.ok) throw new Error(`${known.id}: ${way.error.message}`);
	return way.value;
}

function measured(
	crossing: Crossing,
	known: Pick<Way, 'id' | 'title' | 'gist' | 'needles'>,
	script: readonly Move[],
	mounts: readonly Leg[] | undefined,
	options: WayOptions
): Result<Way> {
	const played = play(crossing.stitches, script, mounts);
	if (!played.ok) return played;
	const { agrees, ...result } = outcome(crossing, played.value);
	const { moves } = played.value;
	const loose = mostLoose(played.value);
	return good({
		...known,
		moves,
		movements: movementsOf(moves),
		mostLoose: loose,
		result,
		agrees,
		cautions: cautionsOf(crossing, known.needles, { loose, twisted: result.twisted }, options)
	});
}
