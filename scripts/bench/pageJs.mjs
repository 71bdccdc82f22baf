import { randomUUID } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { momentAt } from './follow200.mjs';
import { lessonOf, practiceOf, swatchOf } from './lessonOf.mjs';
import { jsonPoster } from './poster.mjs';

/**
 * The compressed JavaScript that must arrive before a route can be used: the largest of all routes, in kB.
 * @param {import('./lessonOf.mjs').Site} site
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function pageJs(site) {
	const { address, cookie } = site;
	const lesson = await lessonOf(site);
	const sizes = [];
	const post = jsonPoster(site);
	const opened = await post(`/api${lesson}/following`, {
		followingId: randomUUID(),
		leader: randomUUID(),
		moment: momentAt(0)
	});
	const { code } = await opened.json();
	for (const route of [
		'/',
		'/lessons',
		lesson,
		`${lesson}/teach`,
		`${lesson}/handout`,
		'/swatches',
		await swatchOf(site),
		'/sizing',
		'/measurements',
		'/classes',
		`/follow/${code}`,
		await practiceOf(site)
	]) {
		const response = await fetch(address + route, { headers: { cookie } });
		// SvelteKit names what a route needs at first in the page and in its Link header.
		const named = (response.headers.get('link') ?? '') + (await response.text());
		const scripts = new Set(
			[...named.matchAll(/[\w./-]*_app\/immutable\/[\w./-]+\.js/g)].map(([path]) =>
				path.replace(/^[./]*/, '/')
			)
		);
		const bytes = await Promise.all(
			[...scripts].map(async (script) => gzipSync(await (await fetch(address + script)).text()).length)
		);
		sizes.push(bytes.reduce((a, b) => a + b, 0) / 1000);
	}
	return { name: 'page-js', value: Math.max(...sizes), goal: 180, unit: 'kB' };
}
