import { Agent, get } from 'node:http';
import { lessonOf } from './lessonOf.mjs';
import { median } from './median.mjs';

const ROUNDS = 400;
const WARM = 100;

/**
 * A lesson's page against `/health`, which makes one one-row query: medians of the time to the last byte.
 * @param {import('./lessonOf.mjs').Site} site
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function pageServer(site) {
	const { address, cookie } = site;
	const lesson = await lessonOf(site);
	const agent = new Agent({ keepAlive: true, maxSockets: 1 });
	const times = { page: /** @type {number[]} */ ([]), floor: /** @type {number[]} */ ([]) };
	// In turn, so that whatever slows the machine slows both.
	for (let round = 0; round < ROUNDS + WARM; round++) {
		const page = await timeOf(address + lesson, agent, cookie);
		const floor = await timeOf(`${address}/health`, agent, cookie);
		if (round < WARM) continue;
		times.page.push(page);
		times.floor.push(floor);
	}
	agent.destroy();
	return {
		name: 'page-server',
		value: median(times.page) / median(times.floor),
		goal: 3,
		unit: '× a one-row route'
	};
}

/**
 * @param {string} url
 * @param {Agent} agent
 * @param {string} cookie
 * @returns {Promise<number>} milliseconds
 */
function timeOf(url, agent, cookie) {
	const began = performance.now();
	return new Promise((resolve, reject) => {
		get(url, { agent, headers: { cookie } }, (response) => {
			response.resume();
			response.on('end', () => resolve(performance.now() - began));
		}).on('error', reject);
	});
}
