import { describe, expect, it } from 'vitest';
import { calendarOf } from './calendar';

describe('a calendar', () => {
	it('says a title as a title, whatever is in it', () => {
		const title = 'Plaits\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nSUMMARY:Not ours; a, b\\c';
		const said = calendarOf({ title, place: 'The hide, by the reeds\nATTACH:x' }, [
			{
				id: '7',
				title,
				level: 'improver',
				medium: 'hand',
				minutes: 90,
				starts: '2026-11-26T19:00',
				crossings: [
					{
						id: 'c',
						name: 'C4F\nATTACH:https://elsewhere.example',
						crossing: { stitches: 2, order: [2, 1], over: [[2, 1]], work: ['k', 'k'] }
					}
				]
			}
		]);
		const lines = said.split('\r\n');
		expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(1);
		expect(lines.filter((line) => /^(?:ATTACH|SUMMARY:Not)/.test(line))).toEqual([]);
		// Long lines are folded (RFC 5545, 3.1).
		expect(said.replaceAll('\r\n ', '')).toContain(
			'SUMMARY:Plaits\\nEND:VEVENT\\nBEGIN:VEVENT\\nSUMMARY:Not ours\\; a\\, b\\\\c'
		);
		expect(said.replaceAll('\r\n ', '')).toContain('LOCATION:The hide\\, by the reeds ATTACH:x');
		expect(said.replaceAll('\r\n ', '')).toContain('\\, 1 of 1)');
	});
});
