import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { newSwatch, type Swatch } from '$core/swatch/schema';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import {
	deleteSwatch,
	eventsOf,
	findSwatch,
	findVersion,
	listSwatches,
	removeSwatch,
	swatchNames,
	takeEvent,
	takeVersion,
	versionsOf
} from './swatches';

freshSchema();

const ROWS = ['Cast on 8.', 'Row 1 (RS): k8.', 'Row 2: p8.', 'Row 3: k8.', 'Row 4: p8.', 'Row 5: k8.'];
const swatchOf = (rows: readonly string[], title = 'Reeds'): Swatch => newSwatch(title, rows.join('\n'));
/** The rows with one of them said otherwise. */
const withRow = (at: number, row: string) => ROWS.map((old, i) => (i === at ? row : old));

/** A swatch of a new teacher's, at its first version, and how others are sent. */
async function made() {
	const owner = await newTeacher();
	const id = randomUUID();
	const send = (base: string | null, swatch: Swatch, version = randomUUID()) =>
		takeVersion(owner, id, { id: version, base, swatch, said: 'written' });
	const first = (await send(null, swatchOf(ROWS)))!.head;
	const text = async () => (await findSwatch(owner, id))!.swatch.text.split('\n');
	return { owner, id, first, send, text };
}

describe('a version', () => {
	it('that grew from the one that stands, stands now; sent twice it is taken once', async () => {
		const { owner, id, first, send, text } = await made();
		const version = randomUUID();
		const next = swatchOf(withRow(1, 'Row 1 (RS): k4, p4.'));
		expect(await send(first, next, version)).toEqual({ head: version, swatch: next, clash: [] });
		expect(await send(first, next, version)).toEqual({ head: version, swatch: next, clash: [] });
		expect([await text(), (await versionsOf(owner, id)).length]).toEqual([
			withRow(1, 'Row 1 (RS): k4, p4.'),
			2
		]);
	});

	it('that grew from an older one is put together with what came since', async () => {
		const { owner, id, first, send, text } = await made();
		await send(first, swatchOf(withRow(1, 'Row 1 (RS): k4, p4.')));
		const answer = (await send(first, swatchOf(withRow(5, 'Row 5: k2, p6.'))))!;
		expect(answer.clash).toEqual([]);
		expect(await text()).toEqual([...withRow(1, 'Row 1 (RS): k4, p4.').slice(0, 5), 'Row 5: k2, p6.']);
		// What was sent stands beside the line, with no number.
		expect((await versionsOf(owner, id)).map(({ version }) => version).sort()).toEqual([1, 2, 3, null]);
	});

	it('of many at once, none is lost: each stands, is put together, or clashes and is kept', async () => {
		const { owner, id, first, send, text } = await made();
		const rows = [1, 3, 5].map((at) => [at, `Row ${at}: k${at}, p${8 - at}.`] as const);
		const answers = await Promise.all(rows.map(([at, row]) => send(first, swatchOf(withRow(at, row)))));
		expect(answers.flatMap((answer) => answer!.clash)).toEqual([]);
		expect((await text()).filter((_, i) => [1, 3, 5].includes(i))).toEqual(rows.map(([, row]) => row));
		expect((await versionsOf(owner, id)).filter(({ version }) => version !== null)).toHaveLength(4);
	});

	it('that writes in the same place is kept aside, and nothing here changes until somebody chooses', async () => {
		const { owner, id, first, send, text } = await made();
		const theirs = withRow(1, 'Row 1 (RS): k4, p4.');
		await send(first, swatchOf(theirs));
		const mine = randomUUID();
		const answer = (await send(first, swatchOf(withRow(1, 'Row 1 (RS): p8.')), mine))!;
		expect([answer.clash.length > 0, await text()]).toEqual([true, theirs]);
		expect((await findVersion(owner, id, mine))?.text).toContain('Row 1 (RS): p8.');
	});

	it('from nowhere, or of another teacher, is for nothing there', async () => {
		const { id, first, send } = await made();
		expect(await send(randomUUID(), swatchOf(ROWS))).toBeNull();
		const sent = { id: randomUUID(), base: first, swatch: swatchOf(ROWS), said: 'x' };
		const other = await newTeacher();
		expect(await takeVersion(other, id, sent)).toBeNull();
		expect(await takeVersion(other, id, { ...sent, base: null })).toBeNull();
		expect([
			await findSwatch(other, id),
			await versionsOf(other, id),
			await findVersion(other, id, first)
		]).toEqual([null, [], null]);
	});
});

describe('what was done to a counter', () => {
	const count = (by: 1 | -1) => ({
		id: randomUUID(),
		counter: 'rows',
		at: Date.now(),
		do: 'count' as const,
		by
	});

	it('is taken once, in the order it came, and told from where a page knows it', async () => {
		const { owner, id } = await made();
		const [one, two] = [count(1), count(-1)];
		for (const event of [one, two, one]) expect(await takeEvent(owner, id, event)).toBe(true);
		const all = await eventsOf(owner, id, 0);
		expect(all.events).toEqual([one, two]);
		const three = count(1);
		await takeEvent(owner, id, three);
		expect((await eventsOf(owner, id, all.taken)).events).toEqual([three]);
		expect(await eventsOf(owner, id, Number.MAX_SAFE_INTEGER)).toEqual({
			events: [],
			taken: Number.MAX_SAFE_INTEGER
		});
	});

	it('is no other teacher’s to do or to see', async () => {
		const { owner, id } = await made();
		const event = count(1);
		await takeEvent(owner, id, event);
		const other = await newTeacher();
		expect([await takeEvent(other, id, count(1)), (await eventsOf(other, id, 0)).events]).toEqual([
			false,
			[]
		]);
		// Nor is an event that is there already for another swatch.
		const own = await made();
		expect(await takeEvent(own.owner, own.id, event)).toBe(false);
	});
});

describe('the shelf of swatches', () => {
	it('has what is not put away, the one changed last first, as many as are asked for', async () => {
		const { owner, id } = await made();
		const second = randomUUID();
		await takeVersion(owner, second, {
			id: randomUUID(),
			base: null,
			swatch: swatchOf(ROWS, 'Ropes'),
			said: 'made'
		});
		const titles = async (away: boolean, most = 10) =>
			(await listSwatches(owner, { away, most })).map(({ title }) => title);
		expect([await titles(false), await titles(false, 1)]).toEqual([['Ropes', 'Reeds'], ['Ropes']]);
		expect(await swatchNames(owner)).toEqual([
			{ id: second, title: 'Ropes' },
			{ id, title: 'Reeds' }
		]);
		expect([await deleteSwatch(owner, id), await removeSwatch(owner, id, true)]).toEqual([false, true]);
		expect([await titles(false), await titles(true), await findSwatch(owner, id)]).toEqual([
			['Ropes'],
			['Reeds'],
			null
		]);
		expect([
			await deleteSwatch(await newTeacher(), id),
			await deleteSwatch(owner, id),
			await titles(true)
		]).toEqual([false, true, []]);
	});
});
