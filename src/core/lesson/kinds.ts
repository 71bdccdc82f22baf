import type { Part } from './lesson';

export type PartKind = Part['kind'];

interface KindFacts {
	/** what a lesson must have for it: crosses, rows, either, or nothing */
	readonly about: 'cross' | 'rows' | 'either' | 'nothing';
	/** what a class looks at */
	readonly face: 'cross' | 'steps' | 'pair' | 'rows' | 'count' | 'mistake' | 'points' | 'words';
	/** how busy it is on the clock bar: hands do it together, eyes follow, each works alone, or it is open */
	readonly tone: 'hands' | 'eyes' | 'own' | 'open';
	/** a cross is learned from it; others only come back to one */
	readonly teaches: boolean;
	/** hands do it by themselves, while a clock runs down beside them */
	readonly timed: boolean;
	/** something of it waits to be told when it is asked for */
	readonly asks: boolean;
	/** it usually goes home: what was shown, drawn, knitted and mended; what is said in class stays there */
	readonly home: boolean;
}

/** What is known of each kind of part beside its fields, in the order in which parts are offered. */
export const PART_KINDS = {
	explain: {
		...{ about: 'nothing', face: 'words', tone: 'eyes' },
		...{ teaches: false, timed: false, asks: false, home: false }
	},
	picture: {
		...{ about: 'cross', face: 'cross', tone: 'eyes' },
		...{ teaches: true, timed: false, asks: false, home: true }
	},
	show: {
		...{ about: 'cross', face: 'steps', tone: 'hands' },
		...{ teaches: true, timed: false, asks: false, home: true }
	},
	compare: {
		...{ about: 'either', face: 'pair', tone: 'hands' },
		...{ teaches: false, timed: false, asks: false, home: true }
	},
	swatch: {
		...{ about: 'rows', face: 'rows', tone: 'own' },
		...{ teaches: false, timed: true, asks: false, home: true }
	},
	practice: {
		...{ about: 'cross', face: 'rows', tone: 'own' },
		...{ teaches: true, timed: true, asks: false, home: true }
	},
	check: {
		...{ about: 'cross', face: 'words', tone: 'open' },
		...{ teaches: false, timed: false, asks: true, home: true }
	},
	mend: {
		...{ about: 'cross', face: 'mistake', tone: 'hands' },
		...{ teaches: false, timed: false, asks: true, home: true }
	},
	count: {
		...{ about: 'rows', face: 'count', tone: 'own' },
		...{ teaches: false, timed: false, asks: true, home: true }
	},
	measure: {
		...{ about: 'nothing', face: 'points', tone: 'own' },
		...{ teaches: false, timed: false, asks: false, home: true }
	},
	tension: {
		...{ about: 'cross', face: 'points', tone: 'eyes' },
		...{ teaches: false, timed: false, asks: false, home: true }
	},
	care: {
		...{ about: 'nothing', face: 'words', tone: 'open' },
		...{ teaches: false, timed: true, asks: false, home: false }
	},
	finish: {
		...{ about: 'nothing', face: 'points', tone: 'own' },
		...{ teaches: false, timed: true, asks: false, home: true }
	},
	note: {
		...{ about: 'nothing', face: 'words', tone: 'open' },
		...{ teaches: false, timed: false, asks: false, home: true }
	}
} as const satisfies Readonly<Record<PartKind, KindFacts>>;

export const KINDS_OF_PART = Object.keys(PART_KINDS) as readonly PartKind[];

/** What is known of a kind of part. */
export const kindFacts = (kind: PartKind): KindFacts => PART_KINDS[kind];

type KindWith<Face extends KindFacts['face']> = {
	[Kind in PartKind]: (typeof PART_KINDS)[Kind]['face'] extends Face ? Kind : never;
}[PartKind];

/** A part that a class looks at in this way. */
export type PartWithFace<Face extends KindFacts['face']> = Extract<Part, { kind: KindWith<Face> }>;

/** Whether a class looks at a part in this way; every kind has one face, so that views that know the faces know all kinds. */
export const hasFace = <Face extends KindFacts['face']>(part: Part, face: Face): part is PartWithFace<Face> =>
	kindFacts(part.kind).face === face;
