import { describe, expect, it } from 'vitest';
import { CrossDrag } from './crossDrag.svelte';

describe('a crossing in the hand', () => {
	const spot = { step: 4, column: 7 };
	const at = (clientX: number, clientY: number) => ({ clientX, clientY });
	const taken = () => {
		const drag = new CrossDrag(() => ({ stitch: 20, row: 10 }));
		drag.take(spot, at(100, 100));
		return drag;
	};

	it('is carried by whole stitches and rows, up and to the right', () => {
		const drag = taken();
		drag.carry(at(161, 71));
		expect([drag.dragged, drag.carried]).toEqual([true, { by: 3, rows: 3 }]);
		expect(drag.drop()).toEqual({ from: spot, to: { step: 7, by: 3 } });
		expect([drag.dragged, drag.carried, drag.drop()]).toEqual([false, null, null]);
	});

	it('stays where it is when the hand only trembles, or comes back', () => {
		const trembling = taken();
		trembling.carry(at(104, 103));
		expect([trembling.dragged, trembling.drop()]).toEqual([false, null]);
		const back = taken();
		back.carry(at(180, 100));
		back.carry(at(109, 103));
		expect([back.dragged, back.drop()]).toEqual([true, null]);
	});

	it('is not carried by a hand that holds nothing', () => {
		const drag = new CrossDrag(() => ({ stitch: 20, row: 10 }));
		drag.carry(at(300, 300));
		expect([drag.dragged, drag.carried, drag.drop()]).toEqual([false, null, null]);
	});
});
