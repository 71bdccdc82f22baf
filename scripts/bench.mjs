import { register } from 'tsx/esm/api';
import { PondServer } from './lib/pondServer.mjs';
import { clothFrame } from './bench/clothFrame.mjs';
import { diagnose } from './bench/diagnose.mjs';
import { fabric } from './bench/fabric.mjs';
import { follow200 } from './bench/follow200.mjs';
import { library } from './bench/library.mjs';
import { load200 } from './bench/load200.mjs';
import { loopDelay } from './bench/loopDelay.mjs';
import { pageJs } from './bench/pageJs.mjs';
import { pageServer } from './bench/pageServer.mjs';
import { plan } from './bench/plan.mjs';
import { printed } from './bench/printed.mjs';
import { readName } from './bench/readName.mjs';
import { search } from './bench/search.mjs';
import { sheet } from './bench/sheet.mjs';

/**
 * Prints each figure beside its goal; smaller is better. With `--json`, nothing but the figures.
 *
 * @typedef {{ name: string, value: number, goal: number, unit: string }} Figure
 */

register();
/** @type {Figure[]} */
const figures = [
	await readName(),
	await printed(),
	...(await search()),
	...(await fabric()),
	...sheet(),
	await diagnose(),
	await plan()
];
const server = await PondServer.make();
try {
	const site = { address: server.address, cookie: await server.demoCookie() };
	figures.push(
		await pageJs(site),
		await pageServer(site),
		...(await clothFrame(site)),
		...(await library(site)),
		await loopDelay(site)
	);
} finally {
	await server.remove();
}

figures.push(await load200(), ...(await follow200()));

if (process.argv.includes('--json')) {
	console.log(JSON.stringify({ figures: figures.map(({ name, value, goal }) => ({ name, value, goal })) }));
} else {
	for (const { name, value, goal, unit } of figures)
		console.log(
			`${value <= goal ? '✓' : '✗'} ${name.padEnd(14)} ${value.toFixed(2)} ${unit} (goal: at most ${goal})`
		);
}
