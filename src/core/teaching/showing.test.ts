import { describe, expect, it } from 'vitest';
import type { Voice } from '../hands/voice';
import { emptyLesson, type Lesson, type Part } from '../lesson/lesson';
import { rowsShown } from './rowsShown';
import { showingOf } from './showing';
import { crossing, lesson, parts } from '../../../tests/support/taughtLesson';

describe('rows of a part', () => {
	it('are those it knits', () => {
		expect(rowsShown(lesson, parts[6])?.steps).toEqual([1, 2, 3]);
		expect(rowsShown(lesson, parts[0])).toBeNull();
	});
});

describe('a part at a bed', () => {
	const voice = (hand: Voice['hand']): Voice => ({
		hand,
		keep: 'words',
		yarnHand: 'right',
		terms: 'us',
		units: 'cm'
	});

	it.each(['machine', 'loom'] as const)(
		'of a %s goes through tools or pegs, the same for either hand',
		(medium) => {
			const way = medium === 'machine' ? 'machine-tools' : 'loom-park';
			const taught = { id: 'c', name: '2/2 RC', crossing: crossing('2/2 RC') };
			const part: Part = { id: 's', kind: 'show', title: '', minutes: 5, crossing: 'c', way };
			const lesson: Lesson = { ...emptyLesson('Beds'), medium, crossings: [taught as never], parts: [part] };
			const seen = showingOf(lesson, part, voice('right'))!;
			expect(seen.shown).toMatchObject({ kind: 'bed', medium, way: { id: way } });
			const { states, steps, told } = seen.shown!.script;
			expect(states).toHaveLength(steps.length + 1);
			expect(told).toHaveLength(steps.length + 1);
			expect((states.at(-1) as { bed: unknown }).bed).toEqual([3, 4, 1, 2]);
			expect(showingOf(lesson, part, voice('left'))).toEqual(seen);
			expect(showingOf({ ...lesson, medium: 'hand' }, part, voice('right'))!.shown).toBeNull();
		}
	);
});
