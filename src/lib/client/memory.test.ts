import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readName } from '$core/naming/read';
import { unwrap } from '$core/result';
import { CHOSEN_READINGS, KEPT_CROSSINGS, KEPT_KEYS } from '$lib/wire/bench';
import { fakePage, leavePage, rested, waitingTo } from '../../../tests/support/page';
import { OpenMemory } from './memory.svelte';

const { crossing } = unwrap(readName('2/2 RC')).readings[0];
const kept = { crossingId: 'c', name: '2/2 RC', medium: 'hand' as const, crossing, saying: '' };
const key = {
	keyId: 'k',
	title: 'Reeds',
	text: 'C4B: sl 2 sts to cn and hold in back, k2, k2 from cn',
	inUse: true
};

describe('what is kept at the Bench, as a page has it', () => {
	let memory: OpenMemory;
	let stop: () => void;

	beforeEach(() => {
		fakePage(() => ({ json: {} }));
		memory = new OpenMemory({ crossings: [kept], keys: [], readings: [] });
		stop = memory.watch();
	});
	afterEach(() => {
		stop();
		leavePage();
	});

	it('shows what was said at once, and still when the server has it', async () => {
		memory.keepCrossing({ ...kept, saying: 'it leans right' });
		memory.keepCrossing({ ...kept, crossingId: 'd', name: 'mine' });
		const shown = () => memory.crossings.map(({ name, saying }) => [name, saying]);
		const both = [
			['mine', ''],
			['2/2 RC', 'it leans right']
		];
		expect(shown()).toEqual(both);
		await rested();
		expect([shown(), waitingTo(KEPT_CROSSINGS)]).toEqual([both, []]);
	});

	it('takes what is removed away, until it is brought back', async () => {
		memory.keepCrossing({ ...kept, removed: true });
		expect(memory.crossings).toEqual([]);
		await rested();
		memory.keepCrossing({ ...kept, removed: false });
		expect(memory.crossings).toHaveLength(1);
	});

	it('settles names by the keys that are in use, and by what was chosen', async () => {
		memory.keepKey(key);
		expect(memory.names.keys).toMatchObject([{ title: 'Reeds', lines: [{ label: 'C4B' }] }]);
		memory.keepKey({ ...key, inUse: false });
		expect(memory.names.keys).toEqual([]);
		memory.choose({ name: ' C4F ', medium: 'hand', crossing });
		expect(memory.names.choices).toEqual([{ name: 'c4f', medium: 'hand', crossing }]);
		await rested();
		memory.choose({ name: 'C4F', medium: 'hand', crossing: null });
		expect(memory.names.choices).toEqual([]);
		expect([waitingTo(KEPT_KEYS), waitingTo(CHOSEN_READINGS).length]).toEqual([[], 1]);
	});
});
