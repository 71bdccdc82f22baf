import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCrossing } from '../../../tests/support/arbitrary';
import { bedWaysOf } from '../ways/bed';
import { bedScriptOf } from './bedSentence';
import { gutterScript, playGutter, tellGutter } from './gutter';

describe('words at the bed', () => {
	it('are whole for every step, on machine and loom, parked outside or inside', () => {
		fc.assert(
			fc.property(
				anyCrossing({ groups: { min: 1, max: 3 } }),
				fc.constantFrom('machine' as const, 'loom' as const),
				fc.constantFrom('outside' as const, 'inside' as const),
				(crossing, medium, parked) => {
					const plain = { ...crossing, work: crossing.work.map(() => 'k' as const) };
					for (const way of bedWaysOf(plain, medium, { parked })) {
						const { told, states } = bedScriptOf(plain, way.moves, medium);
						expect(states).toHaveLength(told.length);
						for (const { short, sentence, detail } of told)
							expect(`${short}|${sentence}|${detail}`).not.toMatch(/undefined|NaN|null| {2}|\.\.|\|\|/);
					}
				}
			)
		);
	});

	it('say what lies in front: the set hung first, or what waits outside', () => {
		const told = (medium: 'machine' | 'loom', parked: 'outside' | 'inside' = 'outside') => {
			const rc = {
				stitches: 2,
				order: [2, 1],
				over: [[2, 1]] as [number, number][],
				work: ['k', 'k'] as const
			};
			const [way] = bedWaysOf(rc, medium, { parked });
			return bedScriptOf(rc, way.moves, medium).told.map(({ sentence }) => sentence);
		};
		expect(told('machine').slice(2, 4)).toEqual(['Hang 2 on needle 1.', 'Hang 1 on needle 2.']);
		expect(told('loom')).toContain('Let 2 wait outside, in front of the pegs.');
		expect(told('loom', 'inside')).toContain('Let 1 wait inside, behind the pegs.');
	});
});

describe('a hooked-up gutter', () => {
	it('turns the column at each side of the rope into purl, row for row', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 40 }), (rows) => {
				const moves = gutterScript(rows);
				const frames = playGutter(rows, moves);
				expect(frames.ok && frames.value.at(-1)!.columns.last).toEqual({
					faces: Array.from({ length: rows }, () => 'p'),
					open: 0,
					hung: true
				});
				expect(tellGutter(moves, 4)).toHaveLength(moves.length + 1);
			})
		);
	});

	it('refuses what cannot be done, with the number of the move', () => {
		const refused = (moves: Parameters<typeof playGutter>[1]) => {
			const frames = playGutter(4, moves);
			return frames.ok ? null : [frames.error.code, frames.error.at];
		};
		const side = 'first';
		const drop = { do: 'drop', side } as const;
		expect(refused([{ do: 'ladder', side, rows: 2 }])).toEqual(['conflict', 1]);
		expect(refused([drop, drop])).toEqual(['conflict', 2]);
		expect(refused([drop, { do: 'ladder', side, rows: 5 }])).toEqual(['conflict', 2]);
		expect(refused([drop, { do: 'hook', side, rows: 1 }])).toEqual(['conflict', 2]);
		expect(refused([drop, { do: 'ladder', side, rows: 2 }, { do: 'hang', side }])).toEqual(['conflict', 3]);
		expect(refused([{ do: 'hang', side }])).toEqual(['conflict', 1]);
	});
});
