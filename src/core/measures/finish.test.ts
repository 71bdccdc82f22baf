import { describe, expect, it } from 'vitest';
import { working } from '../../../tests/support/swatch';
import { endsUpSaid } from './endsUp';
import { dryingOf, FIBRES } from './finish';
import { gramsEach } from './lessonYarn';

describe('what comes after the knitting', () => {
	it('dries by its fibre, a mixture by what is known of it', () => {
		for (const fibre of FIBRES) expect(dryingOf(fibre).takes).not.toBe('');
		expect(dryingOf('Cotton, some nylon').fibre).toBe('cotton');
		expect(dryingOf('reed').fibre).toBe('wool');
	});

	it('ends up where the gauge that is knitted leads it', () => {
		const planned = { rows: 84, repeatRows: 4, wishedMm: 300 };
		const said = (rows: number) =>
			endsUpSaid(planned, { stitches: 20, rows }, (mm) => `${Math.round(mm)} mm`);
		expect(said(28)).toBeNull();
		expect(said(30)).toBe('At this gauge 20 mm too short: 2 repeats more.');
		expect(said(26)).toMatch(/too long: \d repeats? fewer/);
	});
});

describe('yarn for a class', () => {
	const rope = (rows: number) =>
		working(
			`Cast on 20.\n${Array.from({ length: rows }, (_, i) => `Row ${i + 1}: ${i % 4 === 2 ? 'p8, 2/2 RC, p8' : i % 2 ? 'k8, p4, k8' : 'p8, k4, p8'}.`).join('\n')}`
		);

	it('goes by rows and stitches, in steps that can be weighed', () => {
		const [short, long] = [gramsEach([rope(20)]), gramsEach([rope(200)])];
		expect(short).toBe(5);
		expect(long).toBe(Math.ceil((20 * 201 * 0.00925 * 1.2 * (1 + 0.15 * 0.0498)) / 5) * 5);
		expect(gramsEach([rope(200), rope(200)])).toBeGreaterThan(long);
		expect(gramsEach([])).toBe(5);
	});
});
