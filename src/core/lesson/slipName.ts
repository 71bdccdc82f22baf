import type { BedSlip, HandSlip } from '../faults/slipIds';
import { SLIP_WORDS } from '../faults/words';
import { isBed, type Medium } from '../technique/medium';
import type { Part } from './lesson';

export type SlipId = Extract<Part, { kind: 'mend' }>['slip'];

/** The slip that is played for one of a lesson: a dropped stitch has its own name by hand and at a bed. */
export const playedAs = (slip: SlipId, medium: Medium): HandSlip | BedSlip =>
	slip === 'dropped' ? (isBed(medium) ? 'fallen' : 'left-behind') : slip;

/** A slip of a lesson as a teacher calls it. */
export const slipName = (slip: SlipId, medium: Medium): string => SLIP_WORDS[playedAs(slip, medium)].name;
