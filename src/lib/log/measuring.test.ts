import { beforeEach, describe, expect, it, vi } from 'vitest';
import { measured } from '../../../tests/support/piece';
import { storage } from '../../../tests/support/storage';
import { Measuring } from './measuring.svelte';

const SAID = { length: (mm: number) => `${mm} mm`, weight: (grams: number) => `${grams} g` };
const COUNTS = { stitches: 20, rows: 28 };
const begun = (before: ReturnType<typeof measured>[] = []) =>
	new Measuring({ piece: 'p' }, before, COUNTS, '2026-11-28');

beforeEach(() => {
	vi.stubGlobal('localStorage', storage());
});

describe('a measurement as it is typed', () => {
	it('begins with what the rows say, says what is missing, and outlives its page', () => {
		const first = begun();
		expect(first.entry).toMatchObject({
			stage: 'needle',
			of: 'whole',
			stitches: 20,
			rows: 28,
			widthMm: null
		});
		expect(first.measurement(SAID, false)).toBeNull();
		expect(first.missing).toBe('Say how wide it is, then keep it.');
		first.set({ widthMm: 100, heightMm: 100 });
		const again = begun();
		expect(again.entry.widthMm).toBe(100);
		expect(again.measurement(SAID, false)).toMatchObject({ widthMm: 100, on: '2026-11-28' });
		again.forget();
		expect(begun().entry.widthMm).toBeNull();
	});

	it('asks of what is odd, takes what was meant, and keeps it as it is where that holds', () => {
		const odd = begun([measured()]);
		odd.set({ stage: 'dry', widthMm: 1_000 });
		expect(odd.measurement(SAID, false)).toBeNull();
		expect(odd.odd).toMatchObject([{ field: 'widthMm', meant: 100 }]);
		expect(odd.measurement(SAID, true)).toMatchObject({ widthMm: 1_000 });
		odd.meant(odd.odd[0]);
		expect(odd.measurement(SAID, false)).toMatchObject({ widthMm: 100 });
	});

	it('keeps weight, time and day where only the stage is corrected', () => {
		const record = measured({ grams: 9, minutes: 40, on: '2026-11-20' });
		const corrected = new Measuring({ piece: 'p', corrects: { id: 'm', record } }, [], COUNTS, '2026-11-28');
		corrected.stage('dry');
		expect(corrected.measurement(SAID, false)).toEqual({ ...record, stage: 'dry' });
		corrected.of('panel');
		expect(corrected.entry).toMatchObject({ of: 'panel', stage: 'dry', grams: 9 });
	});
});
