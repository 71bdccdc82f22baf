import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { readName } from '$core/naming/read';
import { unwrap } from '$core/result';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { benchMemory, chooseReading, keepCrossing, keepKey, keptKeys, keyVersions } from './bench';
import { search } from './search';

freshSchema();

const crossing = unwrap(readName('2/2 RC')).readings[0].crossing;
const kept = (saying: string) => ({
	crossingId: randomUUID(),
	name: '2/2 RC',
	medium: 'hand' as const,
	crossing,
	saying
});
const key = (title: string) => ({ keyId: randomUUID(), title, text: 'C4B: as it says', inUse: true });

describe('what is kept at the Bench', () => {
	it('is said anew under its id, removed and brought back, and no other teacher’s', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const one = kept('hold it in back');
		expect(await keepCrossing(owner, one)).toBe(true);
		expect(await keepCrossing(owner, { ...one, saying: 'it leans right' })).toBe(true);
		expect((await benchMemory(owner)).crossings).toEqual([{ ...one, saying: 'it leans right' }]);
		expect([await keepCrossing(other, one), (await benchMemory(other)).crossings]).toEqual([false, []]);
		await keepCrossing(owner, { ...one, removed: true });
		expect((await benchMemory(owner)).crossings).toEqual([]);
		await keepCrossing(owner, { ...one, removed: false });
		expect((await benchMemory(owner)).crossings).toHaveLength(1);
	});

	it('has keys, the one changed last first', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const [reeds, ropes] = [key('Reeds'), key('Ropes')];
		await keepKey(owner, reeds);
		await keepKey(owner, ropes);
		await keepKey(owner, { ...reeds, inUse: false });
		expect((await keptKeys(owner)).map(({ title, inUse }) => [title, inUse])).toEqual([
			['Reeds', false],
			['Ropes', true]
		]);
		expect([await keepKey(other, reeds), await keptKeys(other)]).toEqual([false, []]);
	});

	it('keeps what a key said before, once for a stretch of writing, and tells nobody else', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const reeds = { ...key('Reeds'), text: 'C4F: sl next 2' };
		await keepKey(owner, reeds);
		expect(await keyVersions(owner, reeds.keyId)).toEqual([]);
		for (const text of ['C4F: k2', 'C4F: k3', 'C4F: k4']) await keepKey(owner, { ...reeds, text });
		await keepKey(other, { ...reeds, text: 'mine' });
		expect((await keyVersions(owner, reeds.keyId))!.map(({ text }) => text)).toEqual(['C4F: sl next 2']);
		expect(await keyVersions(other, reeds.keyId)).toBeNull();
	});

	it('remembers one reading of a name for each technique, and forgets it', async () => {
		const owner = await newTeacher();
		const chosen = { name: 'c4f', medium: 'hand' as const, crossing };
		for (const medium of ['hand', 'hand', 'brioche'] as const)
			await chooseReading(owner, { ...chosen, medium });
		expect((await benchMemory(owner)).readings).toHaveLength(2);
		await chooseReading(owner, { ...chosen, crossing: null });
		expect((await benchMemory(owner)).readings.map(({ medium }) => medium)).toEqual(['brioche']);
	});
});

describe('the search', () => {
	it('finds words in sayings and keys, also half written, and nothing of anybody else’s', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		await keepCrossing(owner, kept('the heron leans over the sluice'));
		await keepKey(owner, key('Sluice mittens'));
		expect((await search(owner, 'slui')).map(({ kind }) => kind).sort()).toEqual(['crossing', 'key']);
		expect((await search(owner, 'heron'))[0].around).toContain('«heron»');
		expect([await search(other, 'sluice'), await search(owner, 'marmalade')]).toEqual([[], []]);
	});

	it('takes whatever is typed', async () => {
		const owner = await newTeacher();
		for (const words of ['-"p2 k2"', '"', '- - -', "'); drop table lessons; --", '&|!<->', ':*', 'the'])
			expect(Array.isArray(await search(owner, words)), words).toBe(true);
	});
});
