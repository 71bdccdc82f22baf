import { describe, expect, it } from 'vitest';
import { faultsOf } from '$core/faults/fault';
import { clothState, foundState, mendScript, playMend } from '$core/faults/mending';
import { mendsOf } from '$core/faults/mends';
import { asMeant } from '$core/faults/seen';
import { unwrap } from '$core/result';
import { waysOf } from '$core/ways/ways';
import { crossing } from '../../../tests/support/taughtLesson';
import { madePicture, paintMade } from './paintMade';
import { paintParts } from './parts';

const VIEW = { from: 'right', numbers: true, most: 6, rings: true } as const;
const painted = (meant: ReturnType<typeof crossing>, state: ReturnType<typeof foundState>, view = VIEW) =>
	paintParts('hatch', (pen) => paintMade(pen, madePicture(meant, state, view)));
const rings = (parts: ReturnType<typeof painted>) =>
	parts.filter(({ stroke, width }) => stroke === 'var(--halo)' && width! >= 3.5).length;

describe('a cloth as hands made it', () => {
	it('is drawn whole for every slip, and at every moment of its mends', () => {
		for (const name of ['1/1 LC', '2/2 RC', '2/1 LPC', '2/1/2 RC', '4/4 LC']) {
			const meant = crossing(name);
			for (const fault of faultsOf(meant, waysOf(meant).slice(0, 2)))
				for (const mend of unwrap(mendsOf(meant, fault, { rows: 3, width: 20, at: 2 }))) {
					const script = mendScript(meant, fault, mend, { rows: 3, width: 20, at: 2 });
					for (const state of unwrap(playMend(meant, foundState(meant, fault, 3), script))) {
						const { ribbons } = madePicture(meant, state, VIEW);
						expect(ribbons, `${name} ${fault.slip}`).toHaveLength(meant.stitches);
						const paths = painted(meant, state).map(({ d }) => d);
						expect(paths.join()).not.toMatch(/NaN|undefined|Infinity/);
					}
				}
		}
	});

	it('has a ring around what gives a slip away, and none around what is right', () => {
		const meant = crossing('2/2 RC');
		const way = waysOf(meant).slice(0, 1);
		const ringed = Object.fromEntries(
			faultsOf(meant, way).map((fault) => [fault.slip, rings(painted(meant, foundState(meant, fault, 2)))])
		);
		expect(ringed).toMatchObject({ 'extra-loop': 1, knitwise: 2, 'left-behind': 1, 'wrong-row': 1 });
		const right = clothState(meant, asMeant(meant), 0, 2);
		expect(rings(painted(meant, right))).toBe(0);
	});

	it('lets a column run to the foot of a cross that comes too early, too', () => {
		const meant = crossing('2/2 RC');
		const early = { ...clothState(meant, asMeant(meant), -2, 2), open: { 1: 3, 2: 2, 3: 0, 4: 0 } };
		const through = madePicture(meant, early, VIEW).columns.map((column) => [column.stitch, column.through]);
		expect(Object.fromEntries(through)).toEqual({ 1: true, 2: false, 3: false, 4: false });
	});

	it('is mirrored for hands that begin at the other edge', () => {
		const meant = crossing('2/2 RC');
		const state = clothState(meant, asMeant(meant), 0, 2);
		const discs = (from: 'right' | 'left') => madePicture(meant, state, { ...VIEW, from }).discs;
		const { width } = madePicture(meant, state, VIEW);
		expect(discs('left').map(({ x }) => width - x)).toEqual(discs('right').map(({ x }) => x));
	});
});
