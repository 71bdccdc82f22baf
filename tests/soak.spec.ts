import { soak } from '../scripts/lib/soak.mjs';
import { expect, test } from './support/pond';

test('nothing acknowledged is lost and nobody waits in vain, whatever is killed and while the disk is full', async () => {
	test.setTimeout(240_000);
	const { acknowledged, lost, unanswered, longest, statuses, blows, memory } = await soak(60);
	test
		.info()
		.annotations.push({ type: 'soak', description: JSON.stringify({ longest, statuses, blows, memory }) });
	expect({ lost, unanswered }).toEqual({ lost: 0, unanswered: 0 });
	expect(acknowledged).toBeGreaterThan(100);
	expect(Object.keys(statuses).filter((status) => !['200', '503', '507'].includes(status))).toEqual([]);
	// Where a small disk could be made, it was full once, and said so.
	if (blows['full disk']) expect(statuses['507']).toBeGreaterThan(0);
	expect(memory.last).toBeLessThan(memory.first * 1.5 + 50);
});
