import type { PartlySeen } from '$core/faults/diagnose';
import type { Mend } from '$core/faults/mends';
import type { SeenField } from '$core/faults/seen';

/** What is known and shown of a cloth that went wrong, as plain values, so that every window can show the same. */
export interface Trouble {
	readonly answers: PartlySeen;
	/** what nobody can tell of this cloth */
	readonly unseen: readonly SeenField[];
	/** the cause that is looked at: its slip, and the way it was made */
	readonly cause: { readonly slip: string; readonly way: string } | null;
	/** what is shown of it: the cloth, the hands that slipped, or one of its mends */
	readonly view: 'cloth' | 'slip' | Mend['id'];
	readonly step: number;
	/** whole rows since, stitches in a row, and the stitch of its row at which the cross begins */
	readonly rows: number;
	readonly width: number;
	readonly at: number;
}

export const NO_TROUBLE: Trouble = {
	answers: {},
	unseen: [],
	cause: null,
	view: 'cloth',
	step: 0,
	rows: 4,
	width: 20,
	at: 1
};
