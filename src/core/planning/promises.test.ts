import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { run } from '../../cli/run';
import { lean } from '../crossing/lean';
import { sameCrossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import type { Lesson, Part } from '../lesson/lesson';
import { rowsWorked } from '../lesson/rows';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { isBed } from '../technique/medium';
import { madeWay } from './made';
import type { Brief } from './brief';
import type { Draft } from './draft';

const NAMES = [
	...[
		'2/2 RC',
		'2/2 LC',
		'1/1 RC',
		'3/3 LC',
		'2/1 RPC',
		'2/1 LPC',
		'4/4 RC',
		'3/2 LC',
		'2/1/2 LC',
		'1/2 RC',
		'2/2 RPC'
	],
	...['C4F', 'C6B', 'T3F', 'C4R', '6-st right cable', 'right twist', 'Cr2L', '1/1/1 RC']
];
const MEDIA = ['hand', 'slipped', 'brioche', 'double', 'double-front', 'machine', 'loom'] as const;
/** Minutes that a comparison and a rest take at most. */
const MOST_COMPARING = 12;
const LEVELS = ['beginner', 'improver', 'confident'] as const;

const brief: fc.Arbitrary<Brief> = fc.record(
	{
		crossings: fc.uniqueArray(fc.constantFrom(...NAMES), { minLength: 1, maxLength: 4 }),
		level: fc.constantFrom(...LEVELS),
		minutes: fc.integer({ min: 20, max: 240 }),
		medium: fc.constantFrom(...MEDIA),
		people: fc.integer({ min: 0, max: 20 }),
		yarn: fc.constantFrom('grippy' as const, 'plain' as const, 'slippery' as const),
		needles: fc.constantFrom(0 as const, 1 as const, 2 as const),
		names: fc.constantFrom({}, { terms: 'uk' as const }, { school: 'over' as const }),
		known: fc.array(fc.constantFrom('2/2 RC', '3/3 LC'), { maxLength: 1 }),
		free: fc.boolean(),
		prepared: fc.boolean(),
		compare: fc.boolean(),
		leftHanded: fc.integer({ min: 0, max: 3 }),
		children: fc.boolean(),
		rules: fc.constantFrom({}, { freeBeginner: 8 }, { freeBeginner: 0 }),
		key: fc.constantFrom('', 'C4F: sl next 4 sts to cn and hold in front, k4, k4 from cn')
	},
	{ requiredKeys: ['crossings', 'level', 'minutes'] }
);

const practices = ({ parts }: Lesson) =>
	parts.filter((part): part is Extract<Part, { kind: 'practice' }> => part.kind === 'practice');
const textsIn = (lesson: Lesson) =>
	[
		lesson.title,
		lesson.homework ?? '',
		lesson.more ?? '',
		...lesson.parts.flatMap((part) => [
			part.title,
			part.text ?? '',
			...(part.kind === 'check' ? [part.question, part.answer] : [])
		])
	].join('\n');

/** What a draft promises, whatever it is asked. */
function kept(asked: Brief): void {
	const answer = run(['draft'], JSON.stringify(asked));
	if (!answer.ok)
		return void expect(['conflict', 'parity', 'size'], answer.error.message).toContain(answer.error.code);
	const { lesson, minutes, why, left, asks, spare, prepared } = answer.value as Draft;
	const medium = asked.medium ?? 'hand';
	const checked = unwrap(run(['check-lesson'], JSON.stringify(lesson))) as { problems: unknown[] };
	expect(checked.problems).toEqual([]);
	expect(minutes).toBeLessThanOrEqual(asked.minutes);
	expect(spare).toBe(asked.minutes - minutes);
	if (minutes < 0.8 * asked.minutes) {
		expect(lesson.more).toBeTruthy();
		expect(why.some(({ part }) => part === null)).toBe(true);
	}
	expect(why.filter(({ part }) => part !== null).map(({ part }) => part)).toEqual(
		lesson.parts.map(({ id }) => id)
	);

	// Names are asked for, never chosen in silence, and everything asked is taught or left.
	for (const { name, readings } of asks) {
		expect(readings.length).toBeGreaterThan(1);
		expect(asked.key?.includes(name) ?? false).toBe(false);
	}
	for (const { crossing } of lesson.crossings) {
		expect(crossing.lean).toBe(lean(crossing));
		for (const name of asked.known ?? []) {
			const known = readName(name, { medium });
			if (known.ok) expect(sameCrossing(known.value.readings[0].crossing, crossing)).toBe(false);
		}
	}
	expect(new Set([...lesson.crossings.map(({ name }) => name), ...left]).size).toBe(
		lesson.crossings.length + left.length
	);

	// The strip: each crossing alone on rows of its own, on ground, without findings.
	expect(lesson.swatches).toHaveLength(1);
	const [strip] = lesson.swatches;
	const { fabric, steps } = unwrap(rowsWorked(strip.text, lesson.medium));
	expect(fabric.problems.filter(({ code }) => code !== 'long-travel')).toEqual([]);
	expect(lesson.homework).toContain(String(fabric.castOn));
	const rows = new Map<number, string>();
	for (const { crossing: id, swatch, from, to } of practices(lesson)) {
		expect(swatch).toBe(strip.id);
		const { crossing } = lesson.crossings.find((one) => one.id === id)!;
		const band = steps.filter(({ row }) => row.n >= from! && row.n <= to!);
		// A long stretch goes on behind a rest; no row belongs to two crossings.
		for (const { row } of band) {
			expect(rows.get(row.n) ?? id).toBe(id);
			rows.set(row.n, id!);
		}
		const made = band.flatMap(({ worked }) => worked.crossings);
		expect(made.length).toBeGreaterThan(0);
		for (const one of made) {
			expect(sameCrossing(one.crossing, crossing)).toBe(true);
			expect(one.before).toBeGreaterThan(3);
			expect(fabric.castOn - one.before - crossing.stitches).toBeGreaterThan(3);
		}
	}
	const setUp = lesson.parts.filter(({ kind }) => kind === 'swatch');
	expect(setUp.length > 0).toBe(!prepared);
	const ranges = setUp.flatMap((part) => (part.kind === 'swatch' ? [[part.from, part.to]] : []));
	ranges.forEach(([from], i) => expect(from).toBe(i === 0 ? 1 : ranges[i - 1][1]! + 1));
	if (prepared) expect(asked.prepared || asked.minutes <= 60).toBe(true);

	// Pictured, shown, practised and asked about; beginners take a needle first.
	for (const { id, crossing } of lesson.crossings) {
		const about = lesson.parts.filter((part) => 'crossing' in part && part.crossing === id);
		const first = (kind: Part['kind']) => about.findIndex((part) => part.kind === kind);
		expect(first('picture')).toBe(0);
		expect(first('show')).toBe(1);
		expect(first('practice')).toBeGreaterThan(first('show'));
		expect(about.findLastIndex(({ kind }) => kind === 'check')).toBeGreaterThan(
			about.findLastIndex(({ kind }) => kind === 'practice')
		);
		about.forEach((part, i) => {
			if (part.kind !== 'show') return;
			const way = madeWay(crossing, part.way, lesson)!;
			expect(way.cautions).toEqual([]);
			expect(way.needles).toBeLessThanOrEqual(asked.needles ?? 2);
			const needled = about.some(
				(one) => one.kind === 'show' && madeWay(crossing, one.way, lesson)!.needles > 0
			);
			if (way.needles === 0 && needled && asked.level === 'beginner' && !isBed(lesson.medium))
				expect(i).toBeGreaterThan(first('practice'));
		});
	}
	const kinds = lesson.parts.map(({ kind }) => kind);
	for (const kind of ['explain', 'count', 'mend'] as const) expect(kinds).toContain(kind);
	expect(kinds[0]).toBe('explain');
	const leans = new Set(lesson.crossings.map(({ crossing }) => crossing.rope ?? lean(crossing)));
	// What was asked comes first: leans are laid side by side where there is time for it, and a rest before it.
	if (leans.has('right') && leans.has('left') && asked.compare !== false && spare > MOST_COMPARING)
		expect(kinds).toContain('compare');
	// Those that mirror each other stand beside each other, and neither is left alone where both are easy enough.
	lesson.crossings.forEach(({ crossing }, i, all) => {
		const mate = all.findIndex((other) => sameCrossing(mirror(other.crossing), crossing));
		if (mate >= 0 && mate !== i) expect(Math.abs(mate - i)).toBe(1);
	});
	if (asked.compare === false) expect(kinds).not.toContain('compare');
	if (isBed(lesson.medium)) expect(textsIn(lesson)).not.toMatch(/cable needle|\bcn\b|\bheld\b|rumpled/i);
	if (asked.leftHanded) expect(textsIn(lesson)).toMatch(/left-handed/i);
}

describe('a draft', () => {
	it('keeps its promises, whatever is asked in whatever medium', () => {
		fc.assert(fc.property(brief, kept), {
			numRuns: Number(process.env.POND_BRIEFS ?? 60),
			// What fails is small enough, and takes long to make smaller.
			endOnFailure: true
		});
	});
});
