import type { Lesson, Part } from './lesson';

/** One field that two versions say otherwise; an empty text where one of them says nothing. */
export interface FieldDifference {
	readonly field: string;
	readonly then: string;
	readonly now: string;
}

/** What is other in one part, or, without one, in the lesson itself. */
export interface Difference {
	readonly part: string | null;
	/** the part's title, as it is now where it is still there */
	readonly title: string;
	readonly what: 'added' | 'removed' | 'moved' | 'changed';
	readonly fields: readonly FieldDifference[];
}

/** What a reader is told of the lesson beside its parts. */
const OWN_FIELDS = [
	'title',
	'level',
	'medium',
	'minutes',
	'people',
	'leftHanded',
	'starts',
	'yarn',
	'fibre',
	'needles',
	'names',
	'homework'
] as const;

const namesIn = ({ learners = [] }: Lesson): string[] =>
	learners.map(({ name, hand }) => `${name || 'somebody'}${hand === 'left' ? ', left-handed' : ''}`);

/** What is other between two versions of a lesson: the lesson itself first, then its parts in their order now, those gone last. */
export function lessonDifferences(then: Lesson, now: Lesson): Difference[] {
	if (then === now) return [];
	const own = [
		...OWN_FIELDS.flatMap((field) => differing(field, then[field], now[field])),
		...differing('who comes', namesIn(then), namesIn(now)),
		...differing('crosses', then.crossings.map(crossingSaid), now.crossings.map(crossingSaid)),
		...then.crossings.flatMap(({ id, name, saying }) => {
			const other = now.crossings.find((one) => one.id === id);
			return other ? differing(`saying of ${name}`, saying ?? '', other.saying ?? '') : [];
		}),
		...differing('materials', then.materials.map(materialSaid), now.materials.map(materialSaid)),
		...swatchDifferences(then, now)
	];
	const before = new Map(then.parts.map((part) => [part.id, part]));
	const stays = now.parts.filter(({ id }) => before.has(id)).map(({ id }) => id);
	const order = then.parts.filter(({ id }) => stays.includes(id)).map(({ id }) => id);
	const moved = movedIn(order, stays);
	const parts = now.parts.flatMap((part): Difference[] => {
		const was = before.get(part.id);
		const about = { part: part.id, title: part.title };
		if (!was) return [{ ...about, what: 'added', fields: [] }];
		const fields = partDifferences(was, part);
		if (fields.length > 0) return [{ ...about, what: 'changed', fields }];
		return moved.has(part.id) ? [{ ...about, what: 'moved', fields: [] }] : [];
	});
	const gone = then.parts
		.filter(({ id }) => !now.parts.some((part) => part.id === id))
		.map(({ id, title }): Difference => ({ part: id, title, what: 'removed', fields: [] }));
	const whole: Difference[] =
		own.length > 0 ? [{ part: null, title: now.title, what: 'changed', fields: own }] : [];
	return [...whole, ...parts, ...gone];
}

/** A few words on what is other: “2 parts changed, 1 added”. */
export function inShort(differences: readonly Difference[]): string {
	const parts = differences.filter(({ part }) => part !== null);
	const counted = (['changed', 'added', 'removed', 'moved'] as const).flatMap((what) => {
		const count = parts.filter((one) => one.what === what).length;
		return count > 0 ? [{ count, what }] : [];
	});
	const said = counted.map(({ count, what }, i) =>
		i === 0 ? `${count} ${count === 1 ? 'part' : 'parts'} ${what}` : `${count} ${what}`
	);
	const own = differences.find(({ part }) => part === null)?.fields.map(({ field }) => field) ?? [];
	return [...said, ...own].join(', ') || 'nothing changed';
}

/** The fields that two versions of a part say otherwise. */
function partDifferences(then: Part, now: Part): FieldDifference[] {
	const fields = new Set([...Object.keys(then), ...Object.keys(now)]);
	fields.delete('id');
	return [...fields].flatMap((field) =>
		differing(field, (then as Record<string, unknown>)[field], (now as Record<string, unknown>)[field])
	);
}

function swatchDifferences(then: Lesson, now: Lesson): FieldDifference[] {
	const ids = new Set([...then.swatches, ...now.swatches].map(({ id }) => id));
	return [...ids].flatMap((id) => {
		const [was, is] = [then, now].map(({ swatches }) => swatches.find((swatch) => swatch.id === id));
		return differing(`rows of ${(is ?? was)!.title}`, was?.text ?? '', is?.text ?? '');
	});
}

function differing(field: string, then: unknown, now: unknown): FieldDifference[] {
	const [was, is] = [written(then), written(now)];
	return was === is ? [] : [{ field, then: was, now: is }];
}

/** A value as a reader sees it. */
function written(value: unknown): string {
	if (value === undefined || value === null) return '';
	if (Array.isArray(value)) return value.map(written).join('\n');
	if (typeof value === 'object')
		return Object.entries(value)
			.sort(([a], [b]) => (a < b ? -1 : 1))
			.map(([, one]) => written(one))
			.filter(Boolean)
			.join(', ');
	return String(value);
}

const crossingSaid = ({ name, crossing }: Lesson['crossings'][number]) =>
	`${name}: ${crossing.order.join(' ')}, ${crossing.over.map(([front, behind]) => `${front} over ${behind}`).join(', ')}`;
const materialSaid = ({ what, amount }: Lesson['materials'][number]) =>
	amount ? `${what}, ${amount}` : what;

/** Which ids must be taken out so that the others stand in the same order in both: all but a longest common run. */
function movedIn(then: readonly string[], now: readonly string[]): Set<string> {
	const places = now.map((id) => then.indexOf(id));
	// The longest rising run of old places stays; what is not in it was moved.
	const longest = places.map(() => 1);
	const before = places.map(() => -1);
	for (let i = 0; i < places.length; i++)
		for (let j = 0; j < i; j++)
			if (places[j] < places[i] && longest[j] + 1 > longest[i]) [longest[i], before[i]] = [longest[j] + 1, j];
	const kept = new Set<string>();
	for (let i = longest.indexOf(Math.max(...longest)); i >= 0; i = before[i]) kept.add(now[i]);
	return new Set(now.filter((id) => !kept.has(id)));
}
