interface MendFacts {
	readonly name: string;
	/** what is done, where nobody says how far on the work is */
	readonly said: string;
	/** in the middle of a sentence that weighs it against another */
	readonly doing: string;
	/** stitches are hooked up again, rung by rung */
	readonly hooked: boolean;
}

/** Mends, and all that is known of each but what it costs (`mends.ts`) and how it goes (`mending.ts`). */
export const MENDS = {
	unpick: {
		name: 'Unpick',
		said: 'Unpick to the row of the cross, make it again, and knit on.',
		doing: 'unpicking',
		hooked: false
	},
	ladder: {
		name: 'Ladder down',
		said: 'Let only its columns down to the row of the cross, cross them again, and hook each up.',
		doing: 'laddering down',
		hooked: true
	},
	column: {
		name: 'One column at a time',
		said: 'Let only the wrong column down to the row of the cross, and hook it up as it should be.',
		doing: 'one column at a time',
		hooked: true
	},
	'drop-loop': {
		name: 'Drop the loop',
		said: 'Drop the extra loop on the next row, and tug its neighbours even; later, let the column on it run down to the cross.',
		doing: 'dropping the loop',
		hooked: false
	},
	turn: {
		name: 'Turn it on the needle',
		said: 'Turn it on the needle, or work its other leg.',
		doing: 'turning it',
		hooked: false
	},
	fake: {
		name: 'Sew a strand over it',
		said: 'Or cover it with a sewn strand.',
		doing: 'sewing a strand over it',
		hooked: false
	},
	leave: { name: 'Leave it', said: 'Leave it.', doing: 'leaving it', hooked: false }
} as const satisfies Readonly<Record<string, MendFacts>>;

export type MendId = keyof typeof MENDS;
