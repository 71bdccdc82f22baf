import { randomUUID } from 'node:crypto';
import { SWATCH } from './support/documents';
import { expect, test } from './support/pond';

/** Three stitches of which each lies over the next: no cloth can do that. */
const CIRCLE = {
	stitches: 3,
	order: [3, 2, 1],
	over: [
		[1, 2],
		[2, 3],
		[3, 1]
	],
	work: ['k', 'k', 'k']
};

test.describe('server routes', () => {
	test('answer with a code and what to do when they are asked wrongly', async ({ request }) => {
		const id = randomUUID();
		const cases: [string, unknown, number, string][] = [
			['/api/lessons', { lessonId: 'x', title: 'y' }, 422, 'unreadable'],
			['/api/lessons', 'nonsense', 422, 'unreadable'],
			['/api/settings', { settings: { hand: 'middle' } }, 422, 'unreadable'],
			[
				`/api/lessons/${id}/changes`,
				{ id, since: 0, change: { kind: 'remove-part', part: 'a' } },
				404,
				'missing'
			],
			[`/api/lessons/${id}/changes`, { id, since: 0, change: { kind: 'burn' } }, 422, 'unreadable'],
			['/api/lessons/never/removed', { removed: true }, 404, 'missing'],
			['/api/bench/keys', { keyId: id, title: 'x', text: 7, inUse: true }, 422, 'unreadable'],
			['/api/bench/keys', { keyId: 'x', title: 'x', text: '', inUse: true }, 422, 'unreadable'],
			[
				'/api/bench/crossings',
				{ crossingId: id, name: 'x', medium: 'hand', saying: '', crossing: { ...CIRCLE, over: [] } },
				422,
				'conflict'
			],
			[
				'/api/bench/crossings',
				{ crossingId: id, name: 'x', medium: 'tin', saying: '', crossing: CIRCLE },
				422,
				'unreadable'
			],
			[`/api/swatches/${id}/versions`, { id, base: null, swatch: {}, said: 'x' }, 422, 'unreadable'],
			[`/api/swatches/${id}/versions`, { id, base: id, swatch: SWATCH, said: 'x' }, 404, 'missing'],
			[`/api/swatches/never/versions`, { id, base: null, swatch: SWATCH, said: 'x' }, 404, 'missing'],
			[
				`/api/swatches/${id}/events`,
				{ id, event: { id, counter: 'rows', at: 1, do: 'burn' } },
				422,
				'unreadable'
			],
			[
				`/api/swatches/${id}/events`,
				{ id, event: { id, counter: 'rows', at: 1, do: 'count', by: 1 } },
				404,
				'missing'
			],
			[`/api/swatches/${id}/removed`, { removed: true }, 404, 'missing'],
			['/api/bench/readings', { name: 'x', medium: 'hand', crossing: CIRCLE }, 422, 'conflict'],
			['/api/bench/readings', { name: '', medium: 'hand', crossing: null }, 422, 'unreadable']
		];
		for (const [address, data, status, code] of cases) {
			const response = await request.post(address, { data });
			expect([address, response.status()]).toEqual([address, status]);
			const { error } = await response.json();
			expect(error.code).toBe(code);
			expect(error.message).toMatch(/\w+ \w+/);
		}
	});

	test('take a version and a tap once, and put apart what two wrote in one place', async ({ request }) => {
		const [swatch, first, mine, theirs, tap] = Array.from({ length: 5 }, () => randomUUID());
		const send = async (id: string, base: string | null, text: string) => {
			const data = { id, base, swatch: { ...SWATCH, text }, said: 'written' };
			return (await request.post(`/api/swatches/${swatch}/versions`, { data })).json();
		};
		expect(await send(first, null, 'one\ntwo\nthree')).toMatchObject({ head: first, clash: [] });
		expect(await send(theirs, first, 'one\ntwo\nTHREE')).toMatchObject({ head: theirs });
		expect(await send(theirs, first, 'one\ntwo\nTHREE')).toMatchObject({ head: theirs });
		const together = await send(mine, first, 'ONE\ntwo\nthree');
		expect(together.swatch.text).toBe('ONE\ntwo\nTHREE');
		const again = await send(randomUUID(), first, 'uno\ntwo\nthree');
		expect(again).toMatchObject({ head: together.head, clash: ['uno'], swatch: { text: 'ONE\ntwo\nTHREE' } });
		const { versions } = await (await request.get(`/api/swatches/${swatch}/versions`)).json();
		expect(versions.map(({ version }: { version: number | null }) => version)).toEqual([null, 3, null, 2, 1]);
		const event = { id: tap, counter: 'rows', at: 5, do: 'count', by: 1 };
		for (let times = 0; times < 2; times++)
			await request.post(`/api/swatches/${swatch}/events`, { data: { id: tap, event } });
		const news = await (
			await request.get(`/api/swatches/${swatch}/news?taken=0&head=${together.head}`)
		).json();
		expect(news).toMatchObject({ events: [event] });
		expect(news.swatch).toBeUndefined();
	});

	test('take a change once, however often it is sent', async ({ request }) => {
		const lesson = randomUUID();
		await request.post('/api/lessons', { data: { lessonId: lesson, title: 'Once' } });
		const part = { id: 'p', kind: 'note', title: 'Only one', minutes: 1 };
		const data = { id: randomUUID(), since: 0, change: { kind: 'add-part', part, after: null } };
		const answers = await Promise.all(
			Array.from({ length: 5 }, () =>
				request.post(`/api/lessons/${lesson}/changes`, { data }).then((answer) => answer.json())
			)
		);
		expect(answers.map(({ version }) => version)).toEqual([1, 1, 1, 1, 1]);
		const next = await request.post(`/api/lessons/${lesson}/changes`, {
			data: { id: randomUUID(), since: 0, change: { kind: 'set', fields: { title: 'Twice' } } }
		});
		// The sender was behind, so the whole lesson comes back.
		expect(await next.json()).toMatchObject({ version: 2, lesson: { title: 'Twice', parts: [part] } });
	});

	test('refuse a crossing that cannot be', async ({ request }) => {
		const lesson = randomUUID();
		await request.post('/api/lessons', { data: { lessonId: lesson, title: 'Circle' } });
		const crossing = CIRCLE;
		const part = { id: 'p', kind: 'show', title: 'Circle', minutes: 1, crossing: 'c', way: 'cn-off' };
		const change = { kind: 'add-part', part, after: null, teaches: { id: 'c', name: 'Circle', crossing } };
		const answer = await request.post(`/api/lessons/${lesson}/changes`, {
			data: { id: randomUUID(), since: 0, change }
		});
		expect(answer.status()).toBe(422);
		expect((await answer.json()).error.code).toBe('conflict');
	});

	test('send a strict policy for content, without exceptions for scripts', async ({ request }) => {
		const policy = (await request.get('/')).headers()['content-security-policy'];
		expect(policy).toMatch(/script-src 'self' 'nonce-[^']+'/);
		expect(policy).not.toMatch(/unsafe-inline|unsafe-eval/);
	});
});
