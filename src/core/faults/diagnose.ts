import type { Crossing } from '../crossing/crossing';
import type { Bed } from '../technique/medium';
import { bedWaysOf } from '../ways/bed';
import { waysOf } from '../ways/ways';
import { bedFaultsOf } from './bedSlips';
import { faultsOf, type Fault } from './fault';
import { mendsOf, type Mend } from './mends';
import { SEEN_FIELDS, type Seen, type SeenField } from './seen';
import { isWrong } from './slip';

/** What is seen of a cloth, as far as somebody can tell. */
export type PartlySeen = Partial<Seen>;

/** A cause that agrees with all that is seen, with its cheapest mend where it is known how far on the work is. */
export interface Cause extends Fault {
	readonly mend?: Mend;
}

/** What is thought of: which ways, at which bed; whole rows since, and stitches in a row, for the mends. */
export interface Thought {
	readonly ids?: readonly string[] | undefined;
	readonly rowsSince?: number | undefined;
	readonly width?: number | undefined;
	/** what nobody can tell of this cloth, and is not asked for */
	readonly unseen?: readonly SeenField[] | undefined;
	/** a machine's or a loom's own slips; those of hands without */
	readonly medium?: Bed | undefined;
}

/** What a cloth comes from, and what to ask next. */
export interface Diagnosis {
	readonly causes: readonly Cause[];
	readonly ask: { readonly field: SeenField; readonly because: string } | null;
}

/** What a teacher asks who looks at a cloth. */
export const QUESTIONS: Readonly<Record<SeenField, string>> = {
	count: 'How many stitches are there now?',
	lean: 'Which way does the rope lean?',
	front: 'How many stitches lie in front of another?',
	behind: 'How many stitches lie behind another?',
	faces: 'Where does it show bumps, and where is it smooth?',
	twisted: 'How many stitches look crossed at their base?',
	ladder: 'Is there a ladder?',
	offset: 'Does the cross come too early or too late?'
};

/**
 * Exactly the slips and ways whose cloth agrees with everything that is seen, in the order of the ways and then of the slips;
 * and the field, not yet given, that tells most of them apart.
 *
 * @param thought the ways that are thought of, all of them where nothing is said, and how far on the work is
 */
export function diagnose(
	crossing: Crossing,
	seen: PartlySeen,
	{ ids, rowsSince, width, medium, unseen = [] }: Thought = {}
): Diagnosis {
	const faults = thoughtOf(crossing, { ids, medium });
	const agreeing = agreeingWith(faults, seen);
	const again = medium ? bedWaysOf(crossing, medium).at(0) : undefined;
	const causes = agreeing.map((one): Cause => {
		if (rowsSince === undefined || width === undefined) return one;
		const mends = mendsOf(crossing, one, { rows: rowsSince, width, at: 1 }, again);
		return mends.ok ? { ...one, mend: mends.value[0] } : one;
	});
	return { causes, ask: nextQuestion(agreeing, seen, unseen) };
}

/** Every slip that is thought of, played: by hand, or at a bed. */
export function thoughtOf(
	crossing: Crossing,
	{ ids, medium }: Pick<Thought, 'ids' | 'medium'> = {}
): Fault[] {
	const wanted = ({ id }: { id: string }) => !ids || ids.includes(id);
	return medium
		? bedFaultsOf(crossing, medium).filter(({ way }) => wanted(way))
		: faultsOf(crossing, waysOf(crossing).filter(wanted));
}

/** Those whose cloth agrees with everything that is seen. */
export const agreeingWith = (faults: readonly Fault[], seen: PartlySeen): Fault[] =>
	faults.filter((one) => agrees(one, seen));

/** A cross that comes on another row does so by however many: what was seen counts, not what was played. */
function agrees({ slip, seen: made }: Fault, seen: PartlySeen): boolean {
	return SEEN_FIELDS.every((field) => {
		const told = seen[field];
		if (told === undefined) return true;
		if (field === 'offset' && told !== 0) return isWrong(slip, 'row');
		return made[field] === told;
	});
}

function nextQuestion(
	causes: readonly Fault[],
	seen: PartlySeen,
	unseen: readonly SeenField[]
): Diagnosis['ask'] {
	if (causes.length < 2) return null;
	const kinds = openFields(seen, unseen).map((field) => ({
		field,
		answers: new Set(causes.map((one) => one.seen[field])).size
	}));
	const most = Math.max(0, ...kinds.map(({ answers }) => answers));
	if (most < 2) return null;
	const { field } = kinds.find(({ answers }) => answers === most)!;
	return {
		field,
		because: `${QUESTIONS[field]} It tells ${most} kinds of cause apart.`
	};
}

const openFields = (seen: PartlySeen, unseen: readonly SeenField[]): SeenField[] =>
	SEEN_FIELDS.filter((field) => seen[field] === undefined && !unseen.includes(field));

/**
 * The question from which most is to be learned: the one whose answers part the slips most evenly, by the entropy of their
 * shares (Shannon 1948); `null` where nothing tells them apart. Every slip weighs the same, however many ways make it.
 */
export function bestQuestion(
	causes: readonly Fault[],
	seen: PartlySeen,
	unseen: readonly SeenField[]
): SeenField | null {
	const ways = new Map<string, number>();
	for (const { slip } of causes) ways.set(slip, (ways.get(slip) ?? 0) + 1);
	const gain = (field: SeenField): number => {
		const shares = new Map<unknown, number>();
		for (const { slip, seen: made } of causes)
			shares.set(made[field], (shares.get(made[field]) ?? 0) + 1 / (ways.get(slip)! * ways.size));
		return -[...shares.values()].reduce((sum, share) => sum + share * Math.log2(share), 0);
	};
	const best = openFields(seen, unseen)
		.map((field) => ({ field, gained: gain(field) }))
		.reduce((most, one) => (one.gained > most.gained + 1e-9 ? one : most), { field: null, gained: 0 } as {
			field: SeenField | null;
			gained: number;
		});
	return best.field;
}

/** Causes that look alike stand together: nothing that eyes can tell parts them. */
export function looksAmong<Made extends Fault>(causes: readonly Made[]): Made[][] {
	const looks = new Map<string, Made[]>();
	for (const one of causes) {
		const look = SEEN_FIELDS.map((field) => one.seen[field]).join(' ');
		looks.set(look, [...(looks.get(look) ?? []), one]);
	}
	return [...looks.values()];
}
