import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { emptyLesson, type Lesson } from '$core/lesson/lesson';
import { note } from '../../../tests/support/changes';
import { fakePage, leavePage } from '../../../tests/support/page';
import { ChosenPart } from './chosenPart.svelte';
import { OpenLesson } from './openLesson.svelte';

describe('the chosen part', () => {
	let open: OpenLesson;
	let on: ChosenPart;
	const titles = () => open.lesson.parts.map(({ title }) => title);

	beforeEach(() => {
		fakePage(() => ({ json: { version: 1 } }));
		const lesson: Lesson = { ...emptyLesson('Ropes'), parts: ['a', 'b', 'c'].map((id) => note(id)) };
		const sources = { swatches: [], sayings: [], keys: [] };
		open = new OpenLesson({ id: '7', version: 0, lesson, sources, taughtAt: null });
		on = new ChosenPart(open);
	});
	afterEach(leavePage);

	it('is the first at first, and beside it are the others, if any', () => {
		expect([on.id, on.index, on.next?.id]).toEqual(['a', 0, 'b']);
		expect([on.beside(-1), on.beside(1)]).toEqual(['a', 'b']);
		on.id = 'c';
		expect([on.beside(1), on.next]).toEqual(['c', undefined]);
	});

	it('is moved, with the words to take it back', () => {
		on.move(1);
		expect(titles()).toEqual(['Note b', 'Note a', 'Note c']);
		expect([on.id, on.index, open.undo?.said]).toEqual(['a', 1, '“Note a” moved.']);
		open.takeBack();
		expect(titles()).toEqual(['Note a', 'Note b', 'Note c']);
		on.move(-1);
		expect(titles()).toEqual(['Note a', 'Note b', 'Note c']);
	});

	it('is removed, and its neighbour is chosen', () => {
		on.id = 'b';
		on.remove();
		expect([titles(), on.part?.title]).toEqual([['Note a', 'Note c'], 'Note c']);
		on.remove();
		expect(on.id).toBe('a');
		on.remove();
		expect([titles(), on.id]).toEqual([[], null]);
		on.remove();
		expect(titles()).toEqual([]);
	});

	it('is split, joined and doubled; what is new is chosen where it is what one goes on with', () => {
		on.split();
		expect(titles()).toHaveLength(4);
		expect(on.index).toBe(1);
		on.id = open.lesson.parts[0].id;
		on.join();
		expect(open.lesson.parts.map(({ minutes }) => minutes)).toEqual([5, 5, 5]);
		on.duplicate();
		expect([titles().length, on.index]).toEqual([4, 1]);
	});

	it('grows by the minute, never below none', () => {
		on.longer(1);
		expect(on.part?.minutes).toBe(6);
		for (let i = 0; i < 9; i++) on.longer(-1);
		expect(on.part?.minutes).toBe(0);
		on.setMinutes('c', 40);
		expect(open.lesson.parts[2].minutes).toBe(40);
	});
});
