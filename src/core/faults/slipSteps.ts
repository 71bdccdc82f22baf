import type { Crossing } from '../crossing/crossing';
import { bedOf, applyBed, type BedFrame, type BedMove } from '../hands/bed';
import { tellBed } from '../hands/bedSentence';
import type { Move } from '../hands/moves';
import { tell, type Told } from '../hands/sentence';
import type { HandState } from '../hands/state';
import { scriptSteps, tellCrossed } from '../hands/steps';
import type { Voice } from '../hands/voice';
import { unwrap } from '../result';
import type { Bed } from '../technique/medium';
import { RIGHT_HANDS, type Hands } from '../ways/handed';
import { looksOf, statesLeaving, type Fault } from './fault';
import { isWrong, SLIPS } from './slip';

/** A slip as a screen goes through it: its steps and states, and the step at which it happens. */
export interface SlipSteps<S extends HandState | BedFrame = HandState | BedFrame> {
	readonly steps: readonly (S extends HandState ? Move : BedMove)[];
	readonly states: readonly S[];
	readonly told: readonly Told[];
	/** the first step that is not as it should be */
	readonly slipsAt: number;
}

/** A slip of hands, step by step in words for one pair of hands; the step at which it happens says so. */
export function handSlipSteps(crossing: Crossing, fault: Fault, voice: Voice): SlipSteps<HandState> {
	const steps = scriptSteps(fault.moves as readonly Move[]);
	const left = crossing.order.find((stitch) => !fault.result.order.includes(stitch)) ?? null;
	const states = unwrap(statesLeaving(crossing.stitches, steps, left));
	const slipsAt = firstOdd(steps, scriptSteps(fault.way.moves as readonly Move[]));
	const told = steps.map((step, i) => tell(step, states[i], voice));
	return { steps, states, told: withSlip(crossing, fault, told, slipsAt, voice), slipsAt };
}

/** A slip at a machine's bed or a loom's pegs, step by step. */
export function bedSlipSteps(crossing: Crossing, fault: Fault, medium: Bed): SlipSteps<BedFrame> {
	const meant = fault.way.moves as readonly BedMove[];
	// What fell off its tool is carried there first.
	const steps = isWrong(fault.slip, 'gone') ? meant : (fault.moves as readonly BedMove[]);
	const states = [bedOf(crossing.stitches)];
	for (const move of steps) states.push(unwrap(applyBed(states[states.length - 1], move, medium)));
	const odd = firstOdd(fault.moves as readonly BedMove[], meant);
	const slipsAt = Math.min(odd, steps.length - 1);
	const told = steps.map((step, i) => tellBed(step, states[i], medium));
	return { steps, states, told: withSlip(crossing, fault, told, slipsAt, RIGHT_HANDS), slipsAt };
}

/** The first step that differs; the first of all where none does, as on a wrong row. */
function firstOdd(made: readonly unknown[], meant: readonly unknown[]): number {
	const at = made.findIndex((move, i) => JSON.stringify(move) !== JSON.stringify(meant[i]));
	if (at >= 0) return at;
	return made.length < meant.length ? Math.max(0, made.length - 1) : 0;
}

function withSlip(
	crossing: Crossing,
	fault: Fault,
	told: readonly Told[],
	at: number,
	hands: Pick<Hands, 'hand'>
): Told[] {
	const { order, over } = fault.result;
	const end = tellCrossed({ order, over });
	return [
		...told.map((one, i) =>
			i === at ? { ...one, short: `Here: ${one.short}`, detail: SLIPS[fault.slip].here } : one
		),
		{ ...end, detail: looksOf(crossing, fault, hands) }
	];
}
