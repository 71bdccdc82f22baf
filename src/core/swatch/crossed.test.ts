import { expect, it } from 'vitest';
import { unwrap } from '../result';
import { sizeWorked } from '../fabric/fabric';
import { crossedIn } from './crossed';

const crossed = (...rows: string[]) => crossedIn(unwrap(sizeWorked(rows.join('\n'), {}, 1)));

it('is the share of columns that ever change places, and of stitches that do just now', () => {
	// Four of eight columns; four of sixteen stitches.
	expect(crossed('Cast on 8.', 'Row 1 (RS): p2, 2/2 RC, p2.', 'Row 2: k2, p4, k2.')).toEqual({
		ever: 0.5,
		worked: 0.25
	});
	expect(crossed('Cast on 8.', 'Row 1 (RS): k8.')).toEqual({ ever: 0, worked: 0 });
});

it('counts a column once, however often it crosses, and from whichever side', () => {
	const rows = ['Cast on 6.', 'Row 1 (RS): 1/1 RC, k4.', 'Row 2: p6.', 'Row 3: 1/1 RC, k4.'];
	expect(crossed(...rows)).toEqual({ ever: 2 / 6, worked: 4 / 18 });
	// On the wrong side the first two are the last two of the right side.
	const back = ['Cast on 6.', 'Row 1 (RS): 1/1 RC, k4.', 'Row 2: 1/1 RC, p4.'];
	expect(crossed(...back)).toEqual({ ever: 4 / 6, worked: 4 / 12 });
	const same = ['Cast on 6.', 'Row 1 (RS): k4, 1/1 RC.', 'Row 2: 1/1 RC, p4.'];
	expect(crossed(...same)).toEqual({ ever: 2 / 6, worked: 4 / 12 });
});

it('counts the middle of three groups, which others pass', () => {
	expect(crossed('Cast on 5.', 'Row 1 (RS): 2/1/2 RC.')).toEqual({ ever: 1, worked: 1 });
});
