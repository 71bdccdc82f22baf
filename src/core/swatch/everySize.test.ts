import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { everySizeWorked } from '../fabric/everySize';
import { crossUnit } from '../fabric/units';
import { sizeWorked, type Working } from '../fabric/fabric';
import { unwrap, type Result } from '../result';
import { addCrossing, mirrorCrossing, mirrorRow, moveCrossing, removeCrossing, renameCrossing } from './edit';
import { mendsOf } from './mend';
import { applyEdits, type TextEdit } from './text';

const SIZED = [
	'Cast on 16 (20, 24).',
	'Row 1 (RS): p6 (8, 10), k4, p6 (8, 10).',
	'Row 2: as they face.',
	'Row 3: p6 (8, 10), 2/2 RC, p6 (8, 10).',
	'Row 4: k1, as they face to last st, k1.',
	'Row 5: p6 (8, 10), 2/2 RC, p to end.',
	'Rows 6, 8 and 10: as they face.',
	'Rows 7 and 9: p6 (8, 10), 2/2 RC, p6 (8, 10).'
].join('\n');

const inSize = (text: string, size: number): Working => unwrap(sizeWorked(text, {}, size));
const errorsIn = (text: string, size: number) =>
	inSize(text, size).fabric.problems.filter(({ severity }) => severity === 'error');

describe('an edit of a text of several sizes', () => {
	const edited = (edit: (text: string, working: Working) => Result<TextEdit[]>, text = SIZED) =>
		applyEdits(text, unwrap(edit(text, inSize(text, 1))));

	it('changes only the words it means', () => {
		expect(edited((text, working) => mirrorCrossing(text, working, { step: 2, at: 7 }))).toBe(
			SIZED.replace('2/2 RC', '2/2 LC')
		);
		expect(
			edited((text, working) => moveCrossing(text, working, { step: 2, at: 7 }, { step: 2, at: 7 }))
		).toContain('Row 3: p6 (8, 10), k1, 2/2 RC, p5 (7, 9).');
		expect(edited((text, working) => removeCrossing(text, working, { step: 4, at: 7 }))).toContain(
			'Row 5: p6 (8, 10), k4, p to end.'
		);
		expect(edited((text, working) => mirrorCrossing(text, working, { step: 6, at: 7 }))).toContain(
			'Row 7 (RS): p6 (8, 10), 2/2 LC, p6 (8, 10).\nRow 9: p6 (8, 10), 2/2 RC, p6 (8, 10).'
		);
		const unit = crossUnit(
			'1/1 RC',
			inSize('Cast on 2.\nRow 1: 1/1 RC.', 1).steps[0].worked.crossings[0].crossing
		);
		expect(edited((text, working) => addCrossing(text, working, { step: 0, at: 1 }, unit))).toContain(
			'Row 1 (RS): p1, 1/1 RC, p3 (5, 7), k4, p6 (8, 10).'
		);
	});

	it('is refused where one of the sizes has no room for it', () => {
		const text = 'Cast on 12 (8).\nRow 1 (RS): p6 (2), k6.\nRow 2: as they face.';
		const working = inSize(text, 1);
		const { crossing } = inSize('Cast on 4.\nRow 1: 2/2 RC.', 1).steps[0].worked.crossings[0];
		const put = addCrossing(text, working, { step: 0, at: 0 }, crossUnit('2/2 RC', crossing));
		expect(put).toMatchObject({ ok: false, error: { code: 'conflict' } });
	});

	it('leaves every size as well off as it was, whatever is moved, turned, taken out or renamed', () => {
		const pattern = fc.record({
			side: fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 3, maxLength: 3 }),
			ground: fc.constantFrom('p', 'k'),
			end: fc.constantFrom('list', 'to end'),
			sentences: fc.constantFrom(['Row 3', 'Rows 5 and 7'], ['Rows 3, 5 and 7'], ['Rows 3 and 5', 'Row 7'])
		});
		const textOf = ({
			side,
			ground,
			end,
			sentences
		}: typeof pattern extends fc.Arbitrary<infer T> ? T : never) => {
			const list = (more: number) => {
				const [first, ...rest] = side.map((one) => one + more);
				return `${first} (${rest.join(', ')})`;
			};
			const [first, ...rest] = side.map((one) => 2 * one + 12);
			const last = end === 'list' ? `${ground}${list(4)}` : `${ground} to end`;
			const row = `${ground}${list(4)}, 2/2 RC, ${last}`;
			return [
				`Cast on ${first} (${rest.join(', ')}).`,
				`Row 1 (RS): ${ground}${list(4)}, k4, ${last}.`,
				`Rows 2, 4, 6 and 8: as they face.`,
				...sentences.map((sentence) => `${sentence}: ${row}.`)
			].join('\n');
		};
		fc.assert(
			fc.property(
				pattern,
				fc.nat(5),
				fc.nat(30),
				fc.integer({ min: 1, max: 3 }),
				(asked, kind, pick, size) => {
					const text = textOf(asked);
					const working = inSize(text, size);
					const crossed = working.steps.flatMap(({ worked }, step) =>
						worked.crossings.map(({ before }) => ({ step, at: before }))
					);
					const from = crossed[pick % crossed.length];
					const edits = [
						() => mirrorCrossing(text, working, from),
						() => removeCrossing(text, working, from),
						() => moveCrossing(text, working, from, { step: from.step, at: pick % 8 }),
						() => moveCrossing(text, working, from, { step: 0, at: pick % 8 }),
						() => mirrorRow(text, working, from.step),
						(): Result<TextEdit[]> => ({ ok: true, value: renameCrossing(working, '2/2 RC', '2/2 LC') })
					][kind]();
					if (!edits.ok) return;
					const after = applyEdits(text, edits.value);
					for (const other of [1, 2, 3]) {
						expect(errorsIn(after, other), after).toEqual([]);
						expect(inSize(after, other).fabric.castOn).toBe(inSize(text, other).fabric.castOn);
					}
				}
			),
			{ numRuns: 150 }
		);
	});
});

describe('all sizes', () => {
	it('are worked, and what is wrong in another one says so', () => {
		const text = 'Cast on 8 (12).\nRow 1 (RS): p2 (4), k4, p2 (4).\nRow 2: k2 (5), p4, k2 (4).';
		const { problems } = unwrap(everySizeWorked(text)).fabric;
		expect(problems).toMatchObject([{ code: 'too-many', row: 2, sizes: [2] }]);
		expect(problems[0].message).toMatch(/^Size 2: /);
		const shown = unwrap(everySizeWorked(text, {}, 2)).fabric.problems;
		expect(shown).toMatchObject([{ code: 'too-many', sizes: [2] }]);
		expect(shown[0].message).not.toMatch(/^Size/);
	});

	it('are mended by themselves: only the number of the size that is wrong changes', () => {
		const text = 'Cast on 8 (12).\nRow 1 (RS): p2 (4), k4, p3 (4).';
		const working = unwrap(everySizeWorked(text));
		const [mend] = mendsOf(text, working, working.fabric.problems[0]);
		expect(applyEdits(text, mend.edits)).toContain('k4, p2 (4).');
	});
});
