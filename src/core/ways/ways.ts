import type { Crossing } from '../crossing/crossing';
import { movementsOf, type Move } from '../hands/moves';
import { mostLoose, outcome, play, type Outcome } from '../hands/play';
import type { Leg } from '../hands/state';
import { cautionsOf, type Circumstances } from './cautions';
import { cnCentre, cnOff, cnReorder, cnReturn, cnSwing, cnTwo } from './cn';
import { freeBackLoop, freeDrop, freeReach, freeRightStart, freeSecondFirst } from './free';
import type { KnownWay } from './way';

/** A way played through for one crossing: its script, what it costs, what it makes, what speaks against it. */
export interface Way {
	readonly id: string;
	readonly title: string;
	readonly gist: string;
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
	mounts: 'right'
};

export const KNOWN_WAYS: readonly KnownWay[] = [
	...[cnOff, cnReturn, cnReorder, cnCentre, cnTwo, cnSwing],
	...[freeReach, freeRightStart, freeSecondFirst, freeBackLoop, freeDrop]
];

/**
 * Every known way that fits, each played to prove what it makes. Best first: ways that agree, then fewest cautions,
 * fewest movements, fewest loose stitches, then by id.
 */
export function waysOf(crossing: Crossing, options: Partial<WayOptions> = {}): Way[] {
	const given = { ...WAY_DEFAULTS, ...options };
	return KNOWN_WAYS.filter((way) => way.needles <= given.needles && way.fits(crossing))
		.map((way) => proved(way, crossing, given))
		.sort(
			(a, b) =>
				Number(b.agrees) - Number(a.agrees) ||
				a.cautions.length - b.cautions.length ||
				a.movements - b.movements ||
				a.mostLoose - b.mostLoose ||
				(a.id < b.id ? -1 : 1)
		);
}

function proved(known: KnownWay, crossing: Crossing, options: WayOptions): Way {
	const mounts = crossing.order.map(() => options.mounts);
	const played = play(crossing.stitches, known.script(crossing), mounts);
	if (!played.ok) throw new Error(`${known.id}: ${played.error.message}`);
	const { agrees, ...result } = outcome(crossing, played.value);
	const loose = mostLoose(played.value);
	return {
		id: known.id,
		title: known.title,
		gist: known.gist,
		moves: played.value.moves,
		movements: movementsOf(played.value.moves),
		mostLoose: loose,
		result,
		agrees,
		cautions: cautionsOf(crossing, known, { loose, twisted: result.twisted }, options)
	};
}
