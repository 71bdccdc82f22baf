import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import * as z from 'zod/mini';
import { checkCrossing } from '../crossing/validity';
import { KEY_FORMAT, parseKey } from '../formats/key';
import type { Voice } from '../hands/voice';
import { readKey } from '../naming/key';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { showingOf } from '../teaching/showing';
import { clockAt, emptyLesson, minutesOf, timed, type Lesson, type Part } from './lesson';
import { LESSON_FORMAT, lessonShape } from './schema';

const note = (id: string, minutes = 5): Part => ({ id, kind: 'note', title: id, minutes });

const lessonOf = (...ids: string[]): Lesson => ({
	...emptyLesson('Ropes'),
	parts: ids.map((id) => note(id))
});

const crossing = (name: string) => {
	const answer = unwrap(readName(name));
	return answer.readings[0].crossing;
};

describe('the clock of a lesson', () => {
	const lesson = { ...lessonOf('a', 'b'), starts: '2026-11-26T23:50' };

	it('puts every part at its minute', () => {
		expect(timed(lesson).map(({ from }) => from)).toEqual([0, 5]);
		expect(minutesOf(lesson)).toBe(10);
	});

	it('runs over midnight, and counts minutes where no start is set', () => {
		expect([clockAt(lesson, 5), clockAt(lesson, 15)]).toEqual(['23:55', '0:05']);
		expect(clockAt(lessonOf('a'), 15)).toBe('0:15');
		expect(clockAt(lessonOf('a'), 75)).toBe('1:15');
		expect(clockAt(lesson, 15, 'en-US')).toMatch(/^12:05\sAM$/);
	});
});

describe('the demo lessons', () => {
	const folder = new URL('../../../db/demo/', import.meta.url);
	const voice: Voice = { hand: 'right', keep: 'fabric', yarnHand: 'right', terms: 'us', units: 'cm' };

	const documents = readdirSync(folder).map((file) => ({
		file,
		document: JSON.parse(readFileSync(new URL(file, folder), 'utf8'))
	}));

	it('lie beside keys that settle every name in them', () => {
		const keys = documents.filter(({ document }) => document.format === KEY_FORMAT);
		expect(keys.length).toBeGreaterThan(0);
		for (const { document } of keys) {
			const key = parseKey(document);
			for (const line of key.ok ? readKey(key.value.text) : []) expect(line.readings).toHaveLength(1);
			expect(key.ok).toBe(true);
		}
	});

	it.each(documents.filter(({ document }) => document.format === LESSON_FORMAT))(
		'$file is a lesson whose every show can be played',
		({ document }) => {
			const lesson = z.parse(lessonShape, document);
			for (const { name, crossing: kept } of lesson.crossings) {
				expect(checkCrossing(kept).ok).toBe(true);
				expect(kept).toMatchObject(crossing(name));
			}
			const shown = lesson.parts
				.filter(({ kind }) => kind === 'show')
				.map((part) => showingOf(lesson, part, voice));
			expect(shown.length).toBeGreaterThan(1);
			for (const seen of shown) expect(seen?.shown?.way.agrees).toBe(true);
			expect(minutesOf(lesson)).toBeLessThanOrEqual(lesson.minutes);
		}
	);
});
