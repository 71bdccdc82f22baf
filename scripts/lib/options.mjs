import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { Refusal } from './refusal.mjs';

const DEFAULT_PORT = 4600;

/**
 * The folder that keeps everything, outside the checkout: a checkout may lie where the database's user cannot go.
 * @returns {string}
 */
export function defaultData() {
	if (process.getuid?.() === 0) return '/var/lib/pond-loop';
	return join(process.env.XDG_DATA_HOME ?? join(homedir(), '.local', 'share'), 'pond-loop');
}

/**
 * @typedef {{ port: number, host: string, data: string, cert?: string, key?: string, demo: boolean }} StartOptions
 * @param {string[]} args
 * @returns {StartOptions}
 */
export function startOptions(args) {
	let values;
	try {
		({ values } = parseArgs({
			args,
			options: {
				port: { type: 'string', default: String(DEFAULT_PORT) },
				host: { type: 'string', default: '127.0.0.1' },
				data: { type: 'string', default: defaultData() },
				cert: { type: 'string' },
				key: { type: 'string' },
				'no-demo': { type: 'boolean', default: false }
			}
		}));
	} catch (error) {
		throw new Refusal(
			`${/** @type {Error} */ (error).message.split('.')[0]}. Use: npm start -- [--port N] [--host ADDR] [--data DIR] [--cert FILE --key FILE] [--no-demo]`
		);
	}
	const port = Number(values.port);
	if (!Number.isInteger(port) || port < 1 || port > 65_535)
		throw new Refusal(`--port takes a number from 1 to 65535, not “${values.port}”.`);
	if (!values.cert !== !values.key)
		throw new Refusal('--cert and --key go together: give both files, or neither.');
	return {
		port,
		host: values.host,
		data: resolve(values.data),
		cert: values.cert,
		key: values.key,
		demo: !values['no-demo']
	};
}
