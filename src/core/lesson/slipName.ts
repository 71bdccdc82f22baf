import { BED_SLIPS, HAND_SLIPS, slipFacts, TAUGHT_SLIPS, type SlipId, type TaughtSlip } from '../faults/slip';
import { isBed, type Medium } from '../technique/medium';

/** The slip that is played for one of a lesson: some have another name at a bed than by hand. */
export const playedAs = (slip: TaughtSlip, medium: Medium): SlipId => {
	const called = (ids: readonly SlipId[]) => ids.find((id) => slipFacts(id).taught === slip);
	return (isBed(medium) ? called(BED_SLIPS) : undefined) ?? called(HAND_SLIPS)!;
};

/** The part of a lesson that a slip is taught in; `null` where there is none. */
export const taughtAs = (slip: SlipId): TaughtSlip | null => slipFacts(slip).taught as TaughtSlip | null;

/** Slips that a lesson can be about: at a machine or loom, only those that tools and pegs make. */
export const slipsIn = (medium: Medium): TaughtSlip[] =>
	TAUGHT_SLIPS.filter((slip) => {
		const { by, didAtBed } = slipFacts(playedAs(slip, medium));
		return !isBed(medium) || by === 'bed' || didAtBed !== undefined;
	});

/** A slip of a lesson as a teacher calls it. */
export const slipName = (slip: TaughtSlip, medium: Medium): string => slipFacts(playedAs(slip, medium)).name;
