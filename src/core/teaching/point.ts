/** The steps from the last row to a piece that can be worn, in their order. */
export const FINISHING_STEPS = ['bind-off', 'wash', 'pin', 'dry', 'seam'] as const;
export type FinishingStep = (typeof FINISHING_STEPS)[number];

/** One thing to say, with its heading. */
export interface Point {
	readonly title: string;
	readonly says: string;
	/** where it is a step of finishing, which one: it is drawn */
	readonly step?: FinishingStep;
}
