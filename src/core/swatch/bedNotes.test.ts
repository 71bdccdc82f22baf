import { describe, expect, it } from 'vitest';
import { USUAL_RULES } from '../rules';
import { bedNotes } from './bedNotes';
import { ROPE, working } from '../../../tests/support/swatch';

describe('on a bed', () => {
	it('passes between crosses are counted, and too few are said', () => {
		const machine = bedNotes(
			working(`${ROPE}\nRow 6: as they face.\nRow 7 (RS): p2, 2/2 LC, p2.`),
			'machine',
			USUAL_RULES
		);
		expect(machine).toMatchObject({ used: 8, between: 3 });
		expect(machine.notes[0]).toEqual({
			wrong: true,
			text: 'At least 4 plain passes between crosses of 2×2; here there are 3.'
		});
		expect(
			bedNotes(working(ROPE.replace('2/2 RC', '2/2 RPC')), 'loom', USUAL_RULES).notes.at(-1)
		).toMatchObject({ wrong: true });
	});
});
