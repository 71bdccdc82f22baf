import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { recipe } from '../../../tests/support/swatch';
import { fabricOf, workingOf, type Fabric, type Working } from '../fabric/fabric';
import { crossUnit } from '../fabric/units';
import { readName } from '../naming/read';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { USUAL_RULES } from '../rules';
import { bedNotes } from './bedNotes';
import { foundPlace, nowAt, rowsDone, type CounterEvent } from './counter';
import { addCrossing, mirrorCrossing, mirrorRow, moveCrossing, removeCrossing } from './edit';
import { generate, USUAL_RECIPE } from './generate';
import { drawInBy, gaugeOf, repeatIn, repeatsTo, roundsAdvice, spacingSaid, spacingsFor } from './measure';
import { lookSaid, writtenSentences } from './look';
import { mendsOf } from './mend';
import { swatchDifferences } from './differences';
import { mergeVersions } from './merge';
import { multipleOf } from './multiple';
import { turnRows } from './rounds';
import { addRepeat, addRows, numbersText, removeRepeat, removeRows } from './rows';
import { besideSaid, nowSaid, spoken } from './said';
import { newSwatch } from './schema';
import { inTerms, plainRows, textOfRows } from './write';
import { slackEdits, slackPlaces } from './slack';
import { strandOf, strandSaid } from './strand';
import { summaryOf } from './summary';
import { applyEdits, type TextEdit } from './text';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const working = (text: string): Working => valueOf(workingOf(readPattern(text)));
const fabric = (text: string): Fabric => valueOf(fabricOf(text));
const errors = (text: string) => fabric(text).problems.filter(({ severity }) => severity === 'error');

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

describe('a recipe', () => {
	it('is written from cast-on to the last row without a problem, whatever is asked', () => {
		fc.assert(
			fc.property(recipe, (asked) => {
				const text = valueOf(generate(asked));
				expect({ text, problems: fabric(text).problems.filter(({ code }) => code !== 'tight-rest') }).toEqual(
					{ text, problems: [] }
				);
			})
		);
	});

	it('makes a plait that comes home, with its crosses as far apart as asked', () => {
		const text = valueOf(
			generate({ ...USUAL_RECIPE, motif: 'plait', repeats: 3, spacing: 4, border: 0, edge: 0 })
		);
		const { between, crosses, home } = summaryOf(working(text), { stitches: 20, rows: 28 }, USUAL_RULES);
		expect({ between, crosses, home }).toEqual({ between: { least: 3, most: 3 }, crosses: 6, home: 1 });
	});

	it('lets two ropes meet, cross and part, and a ring open and close', () => {
		const asked = { ...USUAL_RECIPE, times: 2, spacing: 2, repeats: 1, border: 0, edge: 0, beside: 0 };
		const names = (motif: 'meeting' | 'ring') =>
			working(valueOf(generate({ ...asked, motif }))).steps.flatMap(({ worked }) =>
				worked.crossings.map(({ item }) => item.text)
			);
		expect(names('meeting')).toEqual([
			'2/1 LPC',
			'2/1 RPC',
			'2/1 LPC',
			'2/1 RPC',
			'2/2 RC',
			'2/1 RPC',
			'2/1 LPC',
			'2/1 RPC',
			'2/1 LPC'
		]);
		expect(names('ring').at(-1)).toBe('2/2 RC');
	});

	it('adds stitches above the edge and takes as many away below the other', () => {
		const rows = fabric(valueOf(generate({ ...USUAL_RECIPE, flare: true }))).rows;
		const [least, most] = [
			Math.min(...rows.map(({ after }) => after)),
			Math.max(...rows.map(({ after }) => after))
		];
		expect(most - least).toBe(1);
		expect(rows[0].before).toBe(rows.at(-1)!.after);
	});

	it('is refused with what to do where it cannot be worked', () => {
		expect(generate({ ...USUAL_RECIPE, spacing: 5 })).toMatchObject({ error: { code: 'parity' } });
		expect(generate({ ...USUAL_RECIPE, name: 'C4F' })).toMatchObject({ error: { code: 'conflict' } });
		expect(valueOf(generate({ ...USUAL_RECIPE, name: '2/1/2 LC' }))).toContain('Key:\n2/1/2 LC: sl');
		expect(generate({ ...USUAL_RECIPE, name: '2/1 RPC' })).toMatchObject({ error: { code: 'conflict' } });
		expect(generate({ ...USUAL_RECIPE, name: 'bramble' })).toMatchObject({ error: { code: 'unreadable' } });
	});
});

describe('rows written out', () => {
	it('make the fabric they were read from, repeats, ends and all', () => {
		fc.assert(
			fc.property(recipe, fc.integer({ min: 1, max: 3 }), (asked, more) => {
				const text = valueOf(generate({ ...asked, flare: false }));
				const last = Math.max(...working(text).pattern.rows.flatMap(({ numbers }) => numbers));
				const again = applyEdits(text, [addRepeat(text, working(text), [last - 1, last], more)]);
				const now = working(again);
				const out = fabric(textOfRows(now.fabric.castOn, plainRows(now)));
				expect(out.rows).toEqual(now.fabric.rows);
				expect(out.problems.filter(({ severity }) => severity === 'error')).toEqual([]);
			})
		);
	});

	it('change only the words that the two shores call otherwise', () => {
		expect(inTerms('Row 1: k2.\nBind off loosely.', 'uk')).toBe('Row 1: k2.\nCast off loosely.');
		expect(inTerms(inTerms(ROPE, 'uk'), 'us')).toBe(ROPE);
	});
});

describe('a change on the cloth', () => {
	const made = (text: string, edits: Result<TextEdit[]>) => applyEdits(text, valueOf(edits));

	it('moves a crossing along its row and to another, and leaves what is under it as it faces', () => {
		const text =
			'Cast on 10.\nRow 1 (RS): k10.\nRow 2: as they face.\nRow 3 (RS): k2, 2/2 RC, k4.\nRow 4: as they face.';
		const along = made(text, moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 2, at: 5 }));
		expect(along).toContain('Row 3 (RS): k5, 2/2 RC, k1.');
		const up = made(text, moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 0, at: 0 }));
		expect(up).toContain('Row 1 (RS): 2/2 RC, k6.');
		expect(up).toContain('Row 3 (RS): k10.');
		expect(moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 2, at: 8 })).toMatchObject({
			error: { code: 'conflict' }
		});
	});

	it('keeps every stitch, wherever a crossing is moved', () => {
		fc.assert(
			fc.property(recipe, fc.nat(), fc.nat(40), fc.nat(), (asked, from, at, to) => {
				const text = valueOf(generate(asked));
				const before = working(text);
				const crossed = before.steps.flatMap(({ worked }, step) =>
					worked.crossings.map((placed) => ({ step, at: placed.before }))
				);
				const spot = crossed[from % crossed.length];
				const edits = moveCrossing(text, before, spot, { step: to % before.steps.length, at });
				if (edits.ok) expect(errors(applyEdits(text, edits.value))).toEqual([]);
			})
		);
	});

	it('puts in, takes out and mirrors crossings and rows', () => {
		const crossing = valueOf(readName('1/1 LC')).readings[0].crossing;
		const added = made(
			ROPE,
			addCrossing(ROPE, working(ROPE), { step: 4, at: 2 }, crossUnit('1/1 LC', crossing))
		);
		expect(added).toContain('Row 5 (RS): p2, 1/1 LC, k2, p2.');
		expect(made(ROPE, removeCrossing(ROPE, working(ROPE), { step: 2, at: 4 }))).toContain(
			'Row 3 (RS): p2, k4, p2.'
		);
		expect(made(ROPE, mirrorCrossing(ROPE, working(ROPE), { step: 2, at: 4 }))).toContain('p2, 2/2 LC, p2');
		const row = 'Cast on 8.\nRow 1: k1, 2/1 RPC, k2tog, yo, p2.';
		expect(made(row, mirrorRow(row, working(row), 0))).toContain('Row 1: p2, yo, ssk, 2/1 LPC, k1.');
	});

	it('adds and removes rows, and every number follows', () => {
		const text = `${ROPE}\nRow 7 (RS): p2, 2/2 RC, p2.\nRep rows 3-6 twice.`;
		const more = applyEdits(text, addRows(text, working(text), 4));
		expect(more).toContain('Row 3 (RS): p2, 2/2 RC, p2.\nRow 7');
		expect(more).toContain('Row 5 (RS): as they face.');
		expect(more).toContain('Row 9 (RS): p2, 2/2 RC');
		expect(more).toContain('Rep rows 3-8 twice.');
		expect(errors(more)).toEqual([]);
		const fewer = applyEdits(more, valueOf(removeRows(more, working(more), 5)));
		expect(fewer).toBe(text);
		expect(removeRows('Cast on 2.\nRow 1: k2.', working('Cast on 2.\nRow 1: k2.'), 1)).toMatchObject({
			error: { code: 'conflict' }
		});
	});

	it('adds and removes a repeat', () => {
		const repeated = applyEdits(ROPE, [addRepeat(ROPE, working(ROPE), [3, 4, 5], 2)]);
		expect(repeated).toMatch(/Rep rows 3-5 2 more times\.$/);
		const { repeats } = working(repeated).pattern;
		expect(applyEdits(repeated, [removeRepeat(repeated, repeats[0])])).toBe(`${ROPE}\n`);
	});

	it('says row numbers as people do', () => {
		expect([[1], [1, 2], [1, 2, 3], [2, 4, 6], [1, 3, 5, 6, 7]].map(numbersText)).toEqual([
			'1',
			'1 and 2',
			'1-3',
			'2, 4 and 6',
			'1, 3 and 5-7'
		]);
	});
});

describe('a mend', () => {
	const mended = (text: string, code: string, which = 0) => {
		const now = working(text);
		const found = now.fabric.problems.find((problem) => problem.code === code)!;
		return applyEdits(text, mendsOf(text, now, found)[which].edits);
	};

	it.each([
		['Cast on 8.\nRow 1: p2, C4F, p2.', 'settled-by-count', 'p2, 2/2 LC, p2'],
		['Cast on 8.\nRow 1: p2, k2 tog, p to end.', 'unknown-word', 'p2, k2tog, p to end'],
		['Cast on 8.\nRow 1: p2, k4.', 'too-few', 'p2, k4, as they face to end'],
		['Cast on 8.\nRow 1: p2, k9.', 'too-many', 'p2, k6'],
		['Cast on 8.\nRow 1: k8.\nRow 3: k8.', 'missing-row', 'Row 2: as they face.'],
		['Row 1: k8.', 'cast-on-from-row', 'Cast on 8.\nRow 1: k8.'],
		[
			'Cast on 4.\nRow 1 (RS): 2/2 RC.\nRow 2: p4.\nRow 3 (RS): k4.\nRep rows 1-3 twice.',
			'wrong-side-repeat',
			'Rep rows 1-4'
		],
		['Cast on 4.\nRnd 1: 2/2 RC.\nRnd 2: 2/2 LC.', 'tight-rest', 'Rnd 3: 2/2 LC']
	])('of “%s” takes “%s” away', (text, code, wanted) => {
		const after = mended(text, code);
		expect(after).toContain(wanted);
		expect(fabric(after).problems.map((problem) => problem.code)).not.toContain(code);
	});

	it('that only the teacher can choose offers every meaning', () => {
		const text = 'Cast on 20.\nRow 1: k2, C4F, k to end.';
		const now = working(text);
		expect(mendsOf(text, now, now.fabric.problems[0]).map(({ says }) => says)).toEqual([
			'Write it as 2/2 LC',
			'Write it as 4/4 LC'
		]);
	});
});

describe('slack', () => {
	it('lies at the first purl behind a rope and behind two knits, not in ribs', () => {
		const places = slackPlaces(working(ROPE), 'right-side');
		expect(places.map(({ step, at }) => [step, at])).toEqual([
			[0, 6],
			[2, 6],
			[4, 6]
		]);
		expect(places[0].undo).toEqual({ step: 1, at: 1, word: 'k1 tbl' });
		expect(
			slackPlaces(working('Cast on 8.\nRow 1: k2, p2, k2, p2.\nRow 2: as they face.'), 'right-side').map(
				({ at }) => at
			)
		).toEqual([6]);
		expect(slackPlaces(working(ROPE), 'both').length).toBeGreaterThan(places.length);
	});

	it('is written into the rows, with the stitch that undoes it, and changes no stitch', () => {
		const text =
			'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 4: as they face.';
		const now = working(text);
		const after = applyEdits(text, slackEdits(now, slackPlaces(now, 'right-side')));
		expect(after).toContain('Row 1 (RS): p2, k4, p1 (short way), p1.');
		expect(after).toContain('Row 2: as they face 1, k1 tbl, as they face 6.');
		expect(fabric(after)).toMatchObject({ rows: fabric(text).rows, problems: [] });
		const round = 'Cast on 6.\nRnd 1: k4, p2.\nRnd 2: k4, p2.';
		expect(slackPlaces(working(round), 'right-side')[0].undo).toMatchObject({ at: 4, word: 'p1 tbl' });
	});
});

describe('measures', () => {
	const gauge = { stitches: 20, rows: 28 };

	it('propose a row for each stitch, even when flat', () => {
		expect([4, 5, 6].map((stitches) => spacingsFor(stitches, false).usual.rows)).toEqual([4, 6, 6]);
		expect(spacingsFor(5, true).usual.rows).toBe(5);
		expect(spacingsFor(6, false).others.map(({ rows }) => rows)).toEqual([2, 4, 8, 10]);
	});

	it('say what is tight and what is loose', () => {
		expect([2, 4, 6, 8].map((rows) => spacingSaid(rows, 4))).toEqual(['tight', 'usual', 'usual', 'loose']);
	});

	it('come to whole repeats, and to a needle the tube is larger than', () => {
		expect(repeatsTo(480, 4, 6, gauge)).toEqual({ repeats: 32, rows: 134, mm: (134 * 100) / 28 });
		expect(gaugeOf({})).toEqual({ stitches: 20, rows: 28 });
		expect(gaugeOf({ gauge: { rows: 30 } })).toEqual({ stitches: 20, rows: 30 });
		expect(roundsAdvice(96, gauge, 0.8, USUAL_RULES)).toEqual({ roundMm: 384, needleMm: 300 });
		expect(roundsAdvice(40, gauge, 0.8, USUAL_RULES).needleMm).toBeNull();
		expect([
			drawInBy(0, 100, USUAL_RULES),
			drawInBy(25, 100, USUAL_RULES),
			drawInBy(100, 100, USUAL_RULES)
		]).toEqual([1, 0.75, 0.5]);
	});

	it('find the rows of a repeat where the crosses come again, not from one cross to the next', () => {
		const plait = (rows: readonly string[]) =>
			[
				'Cast on 10.',
				...rows.map((row, i) => `Row ${2 * i + 1} (RS): p2, ${row}, p2.`),
				`Row 2 and all WS rows: as they face.`,
				`Row ${2 * rows.length}: as they face.`
			].join('\n');
		const [plain, right, left] = ['k6', '2/2 RC, k2', 'k2, 2/2 LC'];
		// Written once: eight rows, with two crosses that lean apart.
		expect(repeatIn(working(plait([plain, right, plain, left])))).toEqual({ repeatRows: 8, otherRows: 0 });
		expect(repeatIn(working(plait([right, left])))).toEqual({ repeatRows: 4, otherRows: 0 });
		// Written over and over.
		expect(repeatIn(working(plait([plain, right, plain, left, plain, right, plain, left])))).toEqual({
			repeatRows: 8,
			otherRows: 8
		});
		expect(repeatIn(working(plait([right, plain, plain, right, plain, plain, right])))).toMatchObject({
			repeatRows: 6
		});
		expect(repeatIn(working(`${plait([plain, right, left])}\nRep rows 1-6 for pattern.`))).toMatchObject({
			repeatRows: 6
		});
	});

	it('find the multiple in which rows repeat across', () => {
		const text = (times: number) =>
			`Cast on ${times * 6 + 2}.\nRow 1 (RS): [p2, k4] ${times} times, p2.\nRow 2: as they face.\nRow 3 (RS): [p2, 2/2 RC] ${times} times, p2.`;
		expect(multipleOf(working(text(4)))).toEqual({ of: 6, plus: 2, times: 4, before: 1 });
		expect(multipleOf(working(ROPE))).toBeNull();
		const comb = valueOf(generate({ ...USUAL_RECIPE, motif: 'honeycomb', times: 3, beside: 3 }));
		expect(multipleOf(working(comb))).toMatchObject({ of: 8, plus: 10, times: 3 });
	});
});

describe('rows worked flat and in the round', () => {
	it('make the same fabric, and come back as they were', () => {
		const flat =
			'Cast on 9.\nRow 1 (RS): p2, k5, p2.\nRow 2: k2, p5, k2.\nRow 3 (RS): p2, 2/2 RC, k1, p2.\nRow 4: k2, p1, 1/3 LC, k2.';
		const round = valueOf(turnRows(working(flat)));
		expect(round).toContain('Rnds 1 and 2: p2, k5, p2.');
		const [a, b] = [fabric(flat), fabric(round)];
		expect(b.rows.map(({ faces, strands }) => [faces, strands])).toEqual(
			a.rows.map(({ faces, strands }) => [faces, strands])
		);
		expect(fabric(valueOf(turnRows(working(round)))).rows).toEqual(a.rows);
	});

	it('say which word has no other side', () => {
		expect(turnRows(working('Cast on 4.\nRow 1: k4.\nRow 2: kfb, k3.'))).toMatchObject({
			error: { message: /Row 2: “kfb”/ }
		});
	});
});

describe('rows for those who read pictures', () => {
	it('say what to skip and what to look at, each sentence once', () => {
		const now = working(ROPE);
		expect(lookSaid(now.steps[2], 'us')).toBe('Skip 2, look at these 4 (2/2 RC), skip 2.');
		expect(lookSaid(now.steps[0], 'uk')).toBe('Miss 8.');
		expect(writtenSentences(now)).toEqual([
			{ step: 0, numbers: [1] },
			{ step: 1, numbers: [2, 4] },
			{ step: 2, numbers: [3] },
			{ step: 4, numbers: [5] }
		]);
	});
});

describe('on a bed', () => {
	it('passes between crosses are counted, and too few are said', () => {
		const machine = bedNotes(
			working(`${ROPE}\nRow 6: as they face.\nRow 7 (RS): p2, 2/2 LC, p2.`),
			'machine',
			USUAL_RULES
		);
		expect(machine).toMatchObject({ used: 8, between: 3 });
		expect(machine.notes[0]).toEqual({
			wrong: true,
			text: 'At least 4 plain passes between crosses of 2×2; here there are 3.'
		});
		expect(
			bedNotes(working(ROPE.replace('2/2 RC', '2/2 RPC')), 'loom', USUAL_RULES).notes.at(-1)
		).toMatchObject({ wrong: true });
	});
});

describe('what is said at a count', () => {
	it('names the row, the cross and the way to it', () => {
		const now = working(ROPE);
		const say = (done: number) => [nowSaid(nowAt(now, done), false), spoken(nowAt(now, done), false)];
		expect(say(1)).toEqual(['Now row 2, wrong side: plain.', '2. wrong side. Then cross.']);
		expect(say(2)).toEqual(['Now row 3, right side: one cross.', '3. Cross. 2 over 2 RC.']);
		expect(besideSaid(nowAt(now, 4), null)).toBe('One plain row stands above the last cross.');
		expect(nowSaid(nowAt(now, 9), false)).toBe('All rows are done.');
	});
});

describe('a strand', () => {
	it('is told from edge to edge, as the right side shows it', () => {
		expect(strandSaid(working(ROPE), 3)).toBe(
			'Starts third from the right edge. Passes behind on row 3. It ends fifth; all stitches are back in their places after two repeats.'
		);
		expect(strandSaid(working(ROPE), 1)).toBe(
			'Starts first from the right edge. Goes straight up. It is home at the upper edge.'
		);
		expect(strandOf(working('Cast on 2.\nRow 1: k2tog.'), 1)).toEqual({ passings: [], ends: null });
		expect(strandOf(working('Cast on 4.\nRow 1: k4.\nRow 2: 2/2 LC.'), 1).passings).toEqual([
			{ n: 2, passes: 'front' }
		]);
	});
});

describe('a counter', () => {
	const event = (
		id: string,
		at: number,
		done: { do: 'count'; by: 1 | -1 } | { do: 'set'; row: number }
	): CounterEvent => ({ id, at, counter: 'rows', ...done });

	it('counts every tap once, in whatever order and however often it comes', () => {
		const taps = fc.uniqueArray(fc.record({ id: fc.uuid(), at: fc.nat(1000) }), {
			selector: ({ id }) => id,
			maxLength: 30
		});
		fc.assert(
			fc.property(taps, fc.nat(40), fc.integer(), (list, row, seed) => {
				const events = list.map(({ id, at }) => event(id, at, { do: 'count', by: 1 }));
				const set = event('set', 500.5, { do: 'set', row });
				const sent = [...events, set, ...events].sort(
					(a, b) => ((a.at * 7919 + seed) % 13) - ((b.at * 7919 + seed) % 13)
				);
				expect(rowsDone(sent, 'rows')).toBe(row + list.filter(({ at }) => at > 500).length);
				expect(rowsDone(sent, 'other')).toBe(0);
			})
		);
	});

	it('says which row comes, what it crosses and how far the next cross is', () => {
		const open = working(`${ROPE}\nRow 6: as they face.\nRep rows 3-6 for pattern.`);
		expect(nowAt(open, 0)).toMatchObject({ n: 1, side: 'RS', crosses: [], toCross: 2, sinceCross: null });
		expect(nowAt(open, 2)).toMatchObject({ n: 3, crosses: ['2/2 RC'], toCross: 0 });
		expect(nowAt(open, 4)).toMatchObject({ n: 5, toCross: 2, sinceCross: 1 });
		expect(nowAt(open, 6)).toMatchObject({
			n: 3,
			side: 'RS',
			repeats: { done: 1, row: 1, of: 4, left: null }
		});
		expect(nowAt(open, 11)).toMatchObject({ n: 4, repeats: { done: 2, row: 2, of: 4 } });
		expect(nowAt(working(ROPE), 5)).toMatchObject({ step: null });
	});

	it('finds a lost place from the bars on the cloth, wherever the work stands', () => {
		const open = working(`${ROPE}\nRow 6: as they face.\nRep rows 3-6 for pattern.`);
		for (let done = 0; done < 30; done++) {
			const crosses = Array.from({ length: done }, (_, i) => nowAt(open, i)).filter(
				({ toCross }) => toCross === 0
			).length;
			const above = nowAt(open, done).sinceCross ?? done;
			expect(foundPlace(open, { bar: crosses > 0, above, crosses, side: nowAt(open, done).side })).toEqual({
				done
			});
		}
		expect(foundPlace(open, { bar: true, above: 9, crosses: 1, side: null })).toMatchObject({
			wrong: expect.stringContaining('only 3 plain rows')
		});
		// However much is typed, the answer comes at once.
		expect(foundPlace(open, { bar: true, above: 0, crosses: 90_000, side: null })).toEqual({
			done: 4 * 90_000 - 1
		});
		const plainRows = working('Cast on 4.\nRow 1: k4.\nRow 2: p4.\nRep rows 1-2 for pattern.');
		expect(foundPlace(plainRows, { bar: true, above: 0, crosses: 90_000, side: null })).toMatchObject({
			wrong: expect.stringContaining('0 rows with a cross')
		});
		expect(foundPlace(open, { bar: true, above: 1, crosses: 1, side: 'WS' })).toMatchObject({
			wrong: expect.stringContaining('right side')
		});
	});
});

describe('two versions', () => {
	const base = newSwatch('Rope', ROPE);
	const other = (from: string, to: string) => ({ ...base, text: base.text.replace(from, to) });

	it('that changed different rows become one with both', () => {
		const answer = mergeVersions(base, other('Row 3 (RS): p2, 2/2 RC', 'Row 3 (RS): p2, 2/2 LC'), {
			...other('Cast on 8', 'Cast on 08'),
			title: 'Eel'
		});
		expect(answer).toMatchObject({ swatch: { title: 'Eel', text: expect.stringContaining('2/2 LC') } });
		expect('swatch' in answer && answer.swatch.text.startsWith('Cast on 08')).toBe(true);
	});

	it('that say different things of one row clash, and say where', () => {
		expect(mergeVersions(base, other('2/2 RC', '2/2 LC'), other('2/2 RC', '1/3 RC'))).toEqual({
			clash: ['Row 3 (RS): p2, 2/2 LC, p2.']
		});
	});

	it('are compared place by place, and field by field', () => {
		const [rows, written] = [base.text.split('\n'), 'Row 3 (RS): p2, 2/2 LC, p2.'];
		const third = rows.find((line) => line.startsWith('Row 3'))!;
		const now = {
			...base,
			title: 'Eel',
			text: [...rows.map((line) => (line === third ? written : line)), rows[0]]
		};
		const { rows: places, fields } = swatchDifferences(base, { ...now, text: now.text.join('\n') });
		// A line that is there already is told when it comes once more.
		expect(places).toEqual([
			{ then: [third], now: [written] },
			{ then: [], now: [rows[0]] }
		]);
		expect(fields).toEqual(['the name of the swatch']);
		expect(swatchDifferences(base, base)).toEqual({ rows: [], fields: [] });
	});

	it('differ in what has to be taken out and put in to make the one of the other', () => {
		const lines = fc.array(fc.constantFrom('k4.', 'p4.', '2/2 RC.'), { maxLength: 9 });
		fc.assert(
			fc.property(lines, lines, (then, now) => {
				const { rows } = swatchDifferences(
					{ ...base, text: then.join('\n') },
					{ ...base, text: now.join('\n') }
				);
				const [gone, come] = [rows.flatMap((place) => place.then), rows.flatMap((place) => place.now)];
				const more = (all: readonly string[], line: string) => all.filter((one) => one === line).length;
				for (const line of ['k4.', 'p4.', '2/2 RC.'])
					expect(more(then, line) - more(gone, line) + more(come, line)).toBe(more(now, line));
			})
		);
	});
});
