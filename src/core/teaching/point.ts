/** The steps from the last row to a piece that can be worn, in their order. */
export const FINISHING_STEPS = ['bind-off', 'wash', 'pin', 'dry', 'seam'] as const;
export type FinishingStep = (typeof FINISHING_STEPS)[number];

/** What is done when a piece is measured, in its order. */
export const MEASURING_STEPS = ['lay', 'across', 'up', 'panel', 'weigh', 'write'] as const;
export type MeasuringStep = (typeof MEASURING_STEPS)[number];

/** Steps that there is a drawing of. */
export const DRAWN_STEPS = [...FINISHING_STEPS, ...MEASURING_STEPS] as const;
export type DrawnStep = (typeof DRAWN_STEPS)[number];

/** One thing to say, with its heading. */
export interface Point {
	readonly title: string;
	readonly says: string;
	/** where it is a step of finishing or measuring, which one: it is drawn */
	readonly step?: DrawnStep;
}
