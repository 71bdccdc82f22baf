import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { parseLesson } from '$core/formats/lesson';
import { storage } from '../../../tests/support/storage';
import { SheetChoices, VARIANTS } from './choices.svelte';
import { unwrap } from '$core/result';

const lesson = (() => {
	return unwrap(parseLesson(JSON.parse(readFileSync('db/demo/first-two-leans.json', 'utf8'))));
})();
const choices = (of = lesson) => new SheetChoices('l', of, { paper: 'a4' });
const ids = lesson.parts.map(({ id }) => id);

describe('the choices for a sheet', () => {
	beforeEach(() => vi.stubGlobal('localStorage', storage()));

	it('begin with what usually goes home', () => {
		expect(choices().chosen.parts).not.toContain('hello');
		expect(choices().chosen.parts).not.toContain('rest-1');
		expect(choices().chosen.parts).toContain('show-rc');
	});

	it('keep every part once, however they are moved and ticked', () => {
		const move = fc.tuple(fc.constantFrom(...ids), fc.constantFrom<1 | -1>(1, -1));
		fc.assert(
			fc.property(
				fc.array(move, { maxLength: 30 }),
				fc.array(fc.constantFrom(...ids), { maxLength: 10 }),
				(moves, ticks) => {
					const made = choices();
					for (const [id, by] of moves) made.move(id, by);
					for (const id of ticks) made.toggle(id);
					expect([...made.order].sort()).toEqual([...ids].sort());
					expect(made.chosen.parts).toEqual(made.order.filter((id) => made.home.includes(id)));
				}
			)
		);
	});

	it('are remembered, and parts that are new or gone find their place', () => {
		const before = choices();
		before.move('show-lc', -1);
		before.toggle('show-rc');
		before.set({ terms: 'uk', by: 'Sedge' });
		before.toggleVariant('large');
		before.learners = 'Fern\n  Ash  \n\n';
		before.remember();
		const parts = [
			...lesson.parts.filter(({ id }) => id !== 'ask'),
			{ id: 'new', kind: 'note' as const, title: 'New', minutes: 1 }
		];
		const after = choices({ ...lesson, parts });
		after.recall();
		expect(after.options).toMatchObject({ terms: 'uk', by: 'Sedge' });
		expect(after.names).toEqual(['Fern', 'Ash']);
		expect(after.order).toEqual([...before.order.filter((id) => id !== 'ask'), 'new']);
		expect(after.home).toContain('new');
		expect(after.home).not.toContain('show-rc');
		expect(after.variants).toEqual(['large']);
	});

	it('forget what cannot be read', () => {
		localStorage.setItem('pond-loop:sheet:l', '{"options":');
		const made = choices();
		made.recall();
		expect(made.chosen.parts).toEqual(choices().chosen.parts);
		expect(localStorage.getItem('pond-loop:sheet:l')).toBeNull();
	});

	it('make one sheet, one for each variant and one for each learner; every variant is another one', () => {
		const made = choices();
		made.set({ terms: 'us', hand: 'right', yarnHand: 'right' });
		for (const { id } of VARIANTS) made.toggleVariant(id);
		made.learners = 'Fern\nAsh';
		expect(made.all).toHaveLength(2 + VARIANTS.length);
		expect(new Set(made.all.map((one) => JSON.stringify(one))).size).toBe(made.all.length);
		made.set({ yarnHand: 'left', terms: 'uk', school: 'hold' });
		expect(made.all).toContainEqual({ ...made.chosen, yarnHand: 'right' });
		expect(made.all).toContainEqual({ ...made.chosen, terms: 'us' });
		expect(made.all).toContainEqual({ ...made.chosen, school: 'over' });
	});
});
