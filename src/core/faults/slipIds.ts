/** Slips of the hands, in the order in which causes are told (craft: Mistakes). */
export const HAND_SLIPS = [
	'wrong-hold',
	'wrong-reach',
	'not-crossed',
	'knitwise',
	'wrong-face',
	'wrong-end',
	'turned',
	'uneven',
	'extra-loop',
	'left-behind',
	'wrong-row'
] as const;
export type HandSlip = (typeof HAND_SLIPS)[number];

/** Slips at a machine's bed or a loom's pegs, in the order in which causes are told. */
export const BED_SLIPS = ['set-order', 'wrong-needles', 'parked-wrong', 'not-forward', 'fallen'] as const;
export type BedSlip = (typeof BED_SLIPS)[number];
