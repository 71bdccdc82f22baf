import { parse, Visitor } from '@fluent/syntax';
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ENGLISH = fileURLToPath(new URL('../../src/messages/en', import.meta.url));
const ROOMS = join(ENGLISH, 'rooms');
export const IDS_FILE = fileURLToPath(new URL('../../src/lib/words/ids.ts', import.meta.url));

/** @typedef {import('@fluent/syntax').Entry} Entry */

/**
 * The entries of a file; what is not understood is thrown.
 * @param {string} file
 */
export function entriesOf(file) {
	const { body } = parse(readFileSync(file, 'utf8'), { withSpans: false });
	const junk = body.find((entry) => entry.type === 'Junk');
	if (junk)
		throw new Error(`${file}: this is no message:\n${/** @type {{ content: string }} */ (junk).content}`);
	return body;
}

/** The files of the rooms, each with its messages. */
export const rooms = () =>
	readdirSync(ROOMS)
		.filter((file) => file.endsWith('.ftl'))
		.sort()
		.map((file) => ({
			room: basename(file, '.ftl'),
			messages: entriesOf(join(ROOMS, file)).flatMap((entry) =>
				entry.type === 'Message' ? [{ entry, id: entry.id.name, text: plainText(entry) }] : []
			)
		}));

/**
 * All that a message may say, as one text: what it chooses between one after the other, parameters and terms as a word each.
 * @param {Entry} message
 */
function plainText(message) {
	/** @type {string[]} */
	const said = [];
	class Texts extends Visitor {
		/** @param {import('@fluent/syntax').TextElement} element */
		visitTextElement({ value }) {
			said.push(value);
		}
		visitVariableReference() {
			said.push('…');
		}
		visitTermReference() {
			said.push('…');
		}
		/** @param {import('@fluent/syntax').Variant} variant */
		visitVariant(variant) {
			said.push('\n');
			this.genericVisit(variant.value);
		}
	}
	new Texts().visit(message);
	return said.join('');
}

/** The terms of each English, by their ids. */
export const termsOf = (/** @type {'us' | 'uk'} */ english) =>
	entriesOf(join(ENGLISH, `${english}.ftl`)).flatMap((entry) =>
		entry.type === 'Term' ? [entry.id.name] : []
	);

/**
 * What a message is told with: a number where its plural is chosen by it, else one of the words it chooses by, else anything.
 * @param {Entry} message
 * @returns {[name: string, type: string][]}
 */
function paramsOf(message) {
	/** @type {Map<string, string>} */
	const params = new Map();
	class Params extends Visitor {
		/** @param {import('@fluent/syntax').VariableReference} reference */
		visitVariableReference({ id }) {
			if (!params.has(id.name)) params.set(id.name, 'Param');
		}
		/** @param {import('@fluent/syntax').SelectExpression} select */
		visitSelectExpression(select) {
			if (select.selector.type === 'VariableReference') {
				const keys = select.variants.map(({ key }) =>
					key.type === 'Identifier' ? key.name : Number(key.value)
				);
				const plural = keys.every((key) => typeof key === 'number' || PLURALS.includes(key));
				params.set(
					select.selector.id.name,
					plural ? 'number' : keys.map((key) => (typeof key === 'number' ? key : `'${key}'`)).join(' | ')
				);
			}
			this.genericVisit(select);
		}
	}
	new Params().visit(message);
	return [...params].sort(([a], [b]) => (a < b ? -1 : 1));
}
const PLURALS = ['zero', 'one', 'two', 'few', 'many', 'other'];

/** The module that types every message by its id. */
export function idsOf() {
	const lines = rooms().flatMap(({ room, messages }) =>
		messages.map(({ entry, id: name }) => {
			if (!name.startsWith(`${room}-`)) throw new Error(`“${name}” of ${room}.ftl begins with “${room}-”.`);
			const params = paramsOf(entry).map(([param, type]) => `readonly ${param}: ${type}`);
			return `\t'${name}': ${params.length > 0 ? `{ ${params.join('; ')} }` : 'null'};`;
		})
	);
	return [
		'// Made from src/messages by `npm run messages`.',
		"import type { Param } from './catalogue';",
		'',
		'/** Every message, with what it is told with. */',
		'export interface Messages {',
		...lines,
		'}',
		''
	].join('\n');
}
