import { describe, expect, it } from 'vitest';
import { newSwatch } from '$core/swatch/schema';
import { rowsCsv, swatchFrom } from './files';
import { worked } from '../../../tests/support/swatch';

const TEXT =
	'Cast on 8.\nRow 1 (RS): p2, C4F, p2.\nRow 2: as they face.\nKey:\nC4F: sl next 2 sts to cn and hold in front, k2, k2 from cn';

describe('rows as CSV', () => {
	it('have a line for the cast-on, each row and the key', () => {
		expect(rowsCsv(worked(TEXT)!).split('\r\n')).toEqual([
			'row,side,text',
			'cast on,,8',
			'1,RS,"p2, C4F, p2"',
			'2,WS,as they face',
			'key,,"C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn"'
		]);
	});

	it('come in again as the same cloth', () => {
		const back = swatchFrom('first-rope.csv', rowsCsv(worked(TEXT)!));
		expect(back).toMatchObject({ ok: true, value: { title: 'first rope' } });
		const working = back.ok ? worked(back.value.text) : null;
		expect(working?.fabric.rows).toEqual(worked(TEXT)!.fabric.rows);
		expect(working?.fabric.problems).toEqual([]);
	});

	it('are known by their heading, with rounds, quotes, semicolons and spaces', () => {
		const rounds = swatchFrom('pasted', '"row";"side";"text"\ncast on;;4\n1;round;"2/2 RC"\n');
		expect(rounds).toMatchObject({ value: { text: 'Cast on 4.\nRnd 1: 2/2 RC.' } });
	});

	it('keep what nobody understands where it was', () => {
		expect(swatchFrom('x.csv', 'row,side,text\nhum,a,tune\n1,RS,k2')).toMatchObject({
			value: { text: 'hum, a, tune\nRow 1 (RS): k2.' }
		});
	});
});

describe('a file', () => {
	it('of JSON is a swatch or is refused with what was expected', () => {
		const swatch = newSwatch('Eel', TEXT);
		expect(swatchFrom('eel.swatch.json', JSON.stringify(swatch))).toEqual({ ok: true, value: swatch });
		expect(swatchFrom('eel.json', '{"format":"pond-loop/swatch@1","title":7}')).toMatchObject({
			error: { code: 'unreadable', message: expect.stringContaining('swatch') }
		});
		expect(swatchFrom('eel.json', '{')).toMatchObject({ error: { code: 'unreadable' } });
	});

	it('of anything else is a text, as it stands', () => {
		expect(swatchFrom('notes_for-eel.txt', 'Sing.\nRow 1: k2.')).toMatchObject({
			value: { title: 'notes for eel', text: 'Sing.\nRow 1: k2.' }
		});
	});
});
