import { register } from 'tsx/esm/api';
import { withFreshPond } from './lib/pond.mjs';
import { pageJs } from './bench/pageJs.mjs';
import { pageServer } from './bench/pageServer.mjs';
import { readName } from './bench/readName.mjs';

/**
 * Prints each figure beside its goal; smaller is better. With `--json`, nothing but the figures.
 *
 * @typedef {{ name: string, value: number, goal: number, unit: string }} Figure
 */

const json = process.argv.includes('--json');
// What building and starting say is not part of the answer.
if (json) console.log = () => {};

register();
/** @type {Figure[]} */
const figures = [await readName()];
await withFreshPond(async (address) => {
	figures.push(await pageJs(address), await pageServer(address));
});

if (json) {
	process.stdout.write(
		JSON.stringify({ figures: figures.map(({ name, value, goal }) => ({ name, value, goal })) }) + '\n'
	);
} else {
	for (const { name, value, goal, unit } of figures)
		console.log(
			`${value <= goal ? '✓' : '✗'} ${name.padEnd(14)} ${value.toFixed(2)} ${unit} (goal: at most ${goal})`
		);
}
