import { describe, expect, it } from 'vitest';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { followSources, linkSwatch, type Sources } from './follow';
import { emptyLesson, type Lesson } from './lesson';

const crossing = (name: string) => unwrap(readName(name)).readings[0].crossing;

const taught = (...names: string[]) =>
	names.map((name, i) => ({ id: String(i), name, crossing: crossing(name), saying: '' }));

describe('what a lesson follows', () => {
	const swatch = { id: 's', title: 'Eel', text: 'Cast on 8.' };
	const own: Lesson = { ...emptyLesson('Eels'), crossings: taught('2/2 RC', '2/2 LC'), swatches: [swatch] };
	const nothing: Sources = { swatches: [], sayings: [], keys: [] };

	it('stays as it is while its sources say the same, or are gone', () => {
		expect(followSources(own, nothing)).toBe(own);
		expect(followSources(own, { ...nothing, swatches: [swatch] })).toBe(own);
		const other = [{ crossing: crossing('3/3 RC'), saying: 'Not this one.' }];
		expect(
			followSources(own, {
				...nothing,
				sayings: other,
				keys: ['C6B: sl 3 to cn and hold in back, k3, k3 from cn']
			})
		).toBe(own);
	});

	it('is written in the size that the swatch is knitted in', () => {
		const rows = { ...swatch, text: 'Cast on 8 (12, 16).\nRow 1 (RS): k2 (4, 6), 2/2 RC, k2 (4, 6).' };
		const text = (size?: number) =>
			followSources(own, { ...nothing, swatches: [{ ...rows, size }] }).swatches[0].text;
		expect(text(2)).toBe('Cast on 12.\nRow 1 (RS): k4, 2/2 RC, k4.');
		expect(text()).toBe('Cast on 8.\nRow 1 (RS): k2, 2/2 RC, k2.');
	});

	it('is the swatch it was drafted from, where its rows are those', () => {
		const knit: Lesson = {
			...own,
			parts: [{ id: 'a', kind: 'practice', title: '', minutes: 5, swatch: 's', times: 2 }]
		};
		const source = { id: 'mine', title: 'Eel of mine', text: 'Cast on 8.' };
		const now = linkSwatch(knit, source);
		expect(now.swatches).toEqual([source]);
		expect(now.parts[0]).toMatchObject({ swatch: 'mine' });
		expect(followSources(now, { ...nothing, swatches: [source] })).toBe(now);
		expect(linkSwatch(knit, { ...source, text: 'Cast on 9.' })).toBe(knit);
	});

	it('takes new rows, a new saying, and what a key makes of a name', () => {
		const now = followSources(own, {
			swatches: [{ ...swatch, text: 'Cast on 12.' }],
			sayings: [{ crossing: crossing('2/2 RC'), saying: 'Back, and right it goes.' }],
			keys: ['2/2 LC: sl next 2 sts to cn and hold in back, k2, k2 from cn\nEel: 3/3 RC']
		});
		expect(now.swatches[0].text).toBe('Cast on 12.');
		expect(now.crossings[0].saying).toBe('Back, and right it goes.');
		// A line whose name and definition disagree settles nothing.
		expect(now.crossings[1].crossing.over).toEqual(own.crossings[1].crossing.over);
		const named = { ...own, crossings: [{ ...own.crossings[0], name: 'Eel' }] };
		const said = followSources(named, {
			...nothing,
			keys: ['Eel: sl next 2 sts to cn and hold in front, k2, k2 from cn']
		});
		expect(said.crossings[0].crossing.over).toEqual(crossing('2/2 LC').over);
	});
});
