import type { Crossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';

/** What a clause may claim of a crossing. */
export const CLAIM_KINDS = [
	'hold',
	'count',
	'in-front',
	'behind',
	'first',
	'order',
	'face',
	'lean',
	'spacing',
	'same'
] as const;
export type ClaimKind = (typeof CLAIM_KINDS)[number];

/** A crossing that a text may be about. */
export interface About {
	readonly name: string;
	/** what it is, where the name alone does not say */
	readonly crossing?: Crossing;
}

/** For whose hands a text is judged. */
export type ReadingHands = Pick<Voice, 'hand' | 'keep'>;

/** A clause of a text that claims something, and whether it holds. */
export interface Claim {
	/** characters of the clause */
	readonly from: number;
	readonly to: number;
	readonly kind: ClaimKind;
	/** which of the crossings it is about; `null` for what is general, or not clear */
	readonly of: number | null;
	/** `null` where nobody can judge */
	readonly holds: boolean | null;
	readonly because: string;
	/** what to write instead, so that it is true; `null` for what is not false */
	readonly mend: { readonly from: number; readonly to: number; readonly text: string } | null;
}
