import { clothSize } from '$lib/drawing/swatch';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newSwatch, type Swatch } from '$core/swatch/schema';
import { eventsAt, versionsAt } from '$lib/wire/swatch';
import { fakePage, leavePage, rested, waitingTo } from '../../../tests/support/page';
import { ClothView } from './clothView.svelte';
import { OpenSwatch } from './openSwatch.svelte';

const TEXT = 'CO 8.\nRow 1 (RS): k2, 2/2 RC, k2.\nRow 2: p8.\nRow 3: k8.\nRow 4: p8.\n';
const swatch = newSwatch('Reeds', TEXT);

describe('an open swatch', () => {
	/** what the server has, and what it answers to the next version instead */
	let kept: { head: string; swatch: Swatch };
	let clashing: { head: string; swatch: Swatch; clash: string[] } | null;
	let away: boolean;
	let open: OpenSwatch;
	let stop: () => void;

	beforeEach(() => {
		[kept, clashing, away] = [{ head: 'first', swatch }, null, false];
		fakePage((to, body) => {
			if (away) return null;
			if (to.includes('/news')) return { json: { ...kept, events: [], taken: 0 } };
			if (to === eventsAt('1')) return { json: {} };
			if (clashing) return { json: clashing };
			kept = { head: body.id as string, swatch: body.swatch as Swatch };
			return { json: { ...kept, clash: [] } };
		});
		open = new OpenSwatch({ id: '1', ...kept, events: [], taken: 0 });
		stop = open.watch();
	});
	afterEach(() => {
		stop();
		leavePage();
	});

	it('works its rows, anew when they change, and says what cannot be read without losing the cloth', async () => {
		expect(open.working?.steps).toHaveLength(4);
		open.typed(`${TEXT}Row 5: k8.\n`);
		await rested();
		expect(open.working?.steps).toHaveLength(5);
		open.typed('marmalade');
		await rested();
		expect(open.working).not.toBeNull();
		expect([open.text, open.fault !== null || open.working!.steps.length === 0]).toEqual(['marmalade', true]);
	});

	it('sends the whole swatch, from the version it grew from, the last of what was typed', async () => {
		open.typed(`${TEXT}Row 5: k8.\n`);
		open.change({ title: 'Reeds and ropes' }, 'named');
		expect(waitingTo(versionsAt('1'))).toMatchObject([{ base: 'first', said: 'named' }]);
		await rested();
		expect(kept.swatch).toMatchObject({ title: 'Reeds and ropes', text: `${TEXT}Row 5: k8.\n` });
		const { head } = kept;
		open.change({ title: 'Once more' }, 'named');
		expect(waitingTo(versionsAt('1'))).toMatchObject([{ base: head }]);
	});

	it('takes over what another page wrote, unless something of its own is on its way', async () => {
		kept = { head: 'theirs', swatch: { ...swatch, title: 'Theirs' } };
		await rested(5_000);
		expect(open.card.title).toBe('Theirs');
		away = true;
		open.change({ title: 'Mine' }, 'named');
		await rested(5_000);
		expect(open.card.title).toBe('Mine');
	});

	it('asks where two wrote in one place: theirs comes in, or mine goes out from theirs', async () => {
		const theirs = { ...swatch, text: TEXT.replace('Row 3: k8', 'Row 3: p8') };
		clashing = { head: 'theirs', swatch: theirs, clash: ['rows'] };
		open.typed(TEXT.replace('Row 3: k8', 'Row 3: k4, p4'));
		await rested();
		expect(open.clash).toEqual({ head: 'theirs', swatch: theirs });
		clashing = null;
		open.choose('mine');
		expect(waitingTo(versionsAt('1'))).toMatchObject([{ base: 'theirs' }]);
		await rested();
		expect([open.clash, kept.swatch.text.includes('k4, p4')]).toEqual([null, true]);
	});

	it('counts at once, and remembers what it counted when the server has it', async () => {
		for (const by of [1, 1, -1] as const) {
			open.count(by);
			// Nobody presses twice in one moment.
			vi.setSystemTime(Date.now() + 200);
		}
		expect([open.done, open.now?.n]).toEqual([1, 2]);
		await rested();
		expect([open.done, waitingTo(eventsAt('1'))]).toEqual([1, []]);
		open.setRow(3);
		expect(open.done).toBe(3);
	});
});

describe('how the cloth is looked at', () => {
	const shown: number[] = [];
	let chosen = 0;
	let mirrored = false;
	let look: ClothView;
	let open: OpenSwatch;

	beforeEach(() => {
		fakePage(() => null);
		[shown.length, chosen, mirrored] = [0, 0, false];
		open = new OpenSwatch({ id: '1', head: 'first', swatch, events: [], taken: 0 });
		look = new ClothView(open, {
			mirrored: () => mirrored,
			show: (step) => shown.push(step),
			onchoose: () => chosen++,
			oncharted: () => undefined
		});
	});
	afterEach(leavePage);

	it('begins at the row that is next, walks, and shows where it is', () => {
		open.setRow(2);
		look.walk(0, 1);
		expect([look.chosen, shown, chosen, look.leads]).toEqual([{ step: 2, column: 1 }, [2], 1, true]);
		look.walk(-1, 0);
		expect(look.said).toMatch(/^Row 2, stitch 7 from the right/);
		look.turn();
		look.walk(0, 1);
		expect(look.chosen).toEqual({ step: 1, column: 0 });
	});

	it('follows the cursor in the rows without leading it', () => {
		look.chooseWritten(TEXT.indexOf('Row 3'));
		expect([look.chosen?.step, look.leads, shown, chosen]).toEqual([2, false, [2], 0]);
		look.chooseWritten(0);
		expect(look.chosen?.step).toBe(2);
	});

	it('moves a crossing as it is seen, in pairs of rows, and says why it does not', () => {
		look.choose({ step: 0, column: 3 });
		look.nudge(0, 1);
		expect([open.text.split('\n')[1], look.chosen, look.refused]).toEqual([
			'Row 1 (RS): k1, 2/2 RC, k3.',
			{ step: 0, column: 4 },
			null
		]);
		look.walk(0, -4);
		look.nudge(0, 1);
		expect(look.refused).toBeNull();
	});

	it('follows a strand, and lets it go', () => {
		look.follow();
		expect(look.strand).toBeNull();
		look.choose({ step: 0, column: 3 });
		look.follow();
		expect(look.strand).toBeGreaterThan(0);
		look.follow();
		expect(look.strand).toBeNull();
	});

	it('stands as near as the cloth fits, once, and no nearer or farther than there is', () => {
		look.fit({ width: 120, height: 400 });
		const { stitch } = look.view;
		look.fit({ width: 9_000, height: 400 });
		expect(look.view.stitch).toBe(stitch);
		look.whole = true;
		const { rows } = clothSize(open.working!, look.view);
		expect(look.view.row * rows).toBeLessThanOrEqual(400);
		look.zoom(1);
		expect(look.whole).toBe(false);
		for (let n = 0; n < 9; n++) look.zoom(-1);
		expect([look.isFarthest, look.isNearest]).toEqual([true, false]);
		for (let n = 0; n < 9; n++) look.zoom(1);
		expect([look.isFarthest, look.isNearest]).toEqual([false, true]);
	});
});
