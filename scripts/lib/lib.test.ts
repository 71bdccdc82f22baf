import { describe, expect, it } from 'vitest';
import { checkNode } from './install.mjs';
import { startOptions } from './options.mjs';
import { Refusal } from './refusal.mjs';

describe('starting', () => {
	it('refuses an old Node.js and says which it wants', () => {
		expect(() => checkNode('20.18.9')).toThrow(
			new Refusal('Node.js 20.18.9 is too old; install Node.js 20.19 or newer and start again.')
		);
		expect(() => checkNode('18.20.0')).toThrow(Refusal);
		expect(() => checkNode('20.19.0')).not.toThrow();
		expect(() => checkNode('22.1.0')).not.toThrow();
	});

	it('takes its options, and a whole path for the data', () => {
		expect(startOptions(['--port', '5000', '--data', 'x', '--host', '0.0.0.0'])).toMatchObject({
			port: 5000,
			host: '0.0.0.0',
			data: `${process.cwd()}/x`
		});
		expect(startOptions([])).toMatchObject({ port: 4600, host: '127.0.0.1', cert: undefined });
	});

	it.each([[['--port', '0']], [['--port', '70000']], [['--port', '4.5']], [['--key', 'k']], [['stray']]])(
		'refuses %j in a sentence',
		(args) => expect(() => startOptions(args)).toThrow(Refusal)
	);
});
