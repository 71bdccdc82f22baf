import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readName } from '$core/naming/read';
import { unwrap } from '$core/result';
import { OpenMemory } from '$lib/client/memory.svelte';
import type { SettingsHere } from '$lib/client/settings.svelte';
import { DEFAULT_SETTINGS, type Settings } from '$lib/wire/settings';
import { fakePage, leavePage } from '../../../tests/support/page';
import { saidOf, subjectIn } from './address';
import { FIRST_NAME, GUTTER, Subject, type SubjectStart } from './subject.svelte';

describe('a subject of the Bench', () => {
	let memory: OpenMemory;
	beforeEach(() => {
		fakePage(() => null);
		memory = new OpenMemory({ crossings: [], keys: [], readings: [] });
	});
	afterEach(leavePage);
	const of = (start: SubjectStart, settings: Partial<Settings> = {}) =>
		new Subject({ value: { ...DEFAULT_SETTINGS, ...settings } } as SettingsHere, memory, start);

	it('keeps the last good reading standing while something is typed that cannot be read', () => {
		const subject = of({ name: '2/1 LPC' });
		subject.retype('marmalade');
		expect([subject.answer.ok, subject.name, subject.text]).toEqual([false, '2/1 LPC', 'marmalade']);
		subject.retype('3/3 RC');
		expect([subject.answer.ok, subject.name]).toEqual([true, '3/3 RC']);
	});

	it('picks no reading in silence, and remembers the one that was picked', () => {
		const subject = of({ name: 'C4F' });
		expect([subject.undecided, subject.read.readings.length > 1]).toEqual([true, true]);
		subject.pick(1);
		expect([subject.undecided, subject.which]).toEqual([false, 1]);
		subject.remember();
		expect(memory.names.choices).toMatchObject([{ name: 'c4f', crossing: subject.crossing }]);
		expect(of({ name: 'C4F' }).undecided).toBe(false);
	});

	it('is played as the mirror by a left-hander who keeps the words, and its cloth is seen so', () => {
		const { crossing } = unwrap(readName('2/2 RC')).readings[0];
		const [right, left] = [of({ name: '2/2 RC' }), of({ name: '2/2 RC' }, { hand: 'left', keep: 'words' })];
		expect([right.crossing, left.crossing]).toEqual([crossing, crossing]);
		expect(left.cloth).not.toEqual(right.cloth);
	});

	it('has a bed where the technique is one, and the gutter beside a rope', () => {
		const subject = of({ name: '2/2 RC', medium: 'machine' });
		expect(subject.shown?.kind).toBe('bed');
		subject.wayId = GUTTER;
		expect(subject.shown?.kind).toBe('gutter');
		expect(subject.last).toBeGreaterThan(0);
	});

	it('is opened again by its own address', () => {
		for (const start of [
			{ name: '2/1 LPC', row: 'wrong' },
			{ name: '2/2 RC', medium: 'brioche' },
			{ name: '2/2 RC', hand: 'left', mounts: 'left' },
			{ name: 'C4F', which: 1 },
			{ name: '2/2 RC', medium: 'machine', way: GUTTER }
		] as const) {
			const subject = of(start);
			const again = of(subjectIn(new URLSearchParams(saidOf(subject))));
			expect(saidOf(again)).toEqual(saidOf(subject));
			expect([again.crossing, again.cloth]).toEqual([subject.crossing, subject.cloth]);
		}
	});

	it('stands for the usual where its address is odd', () => {
		const odd = new URLSearchParams('name=marmalade&medium=tin&row=up&reading=-3&hand=both&moves=[}&way=no');
		const subject = of(subjectIn(odd));
		expect([subject.text, subject.name, subject.medium, subject.row]).toEqual([
			'marmalade',
			FIRST_NAME,
			'hand',
			'right'
		]);
		expect(subject.shown).not.toBeNull();
	});
});
