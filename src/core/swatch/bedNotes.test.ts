import { describe, expect, it } from 'vitest';
import { workingOf, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { USUAL_RULES } from '../rules';
import { bedNotes } from './bedNotes';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

const working = (text: string): Working => valueOf(workingOf(readPattern(text)));

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

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
