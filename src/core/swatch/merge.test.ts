import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { swatchDifferences } from './differences';
import { mergeVersions } from './merge';
import { newSwatch } from './schema';
import { ROPE } from '../../../tests/support/swatch';

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
