import { FluentBundle, FluentNumber, FluentResource, type FluentVariable } from '@fluent/bundle';
import { numberSaid } from '$core/locale';
import uk from '../../messages/en/uk.ftl';
import us from '../../messages/en/us.ftl';
import { pseudo } from './pseudo';

/** Who reads: in which English, and how numbers are written. */
export interface Reader {
	readonly terms: 'us' | 'uk';
	readonly locale?: string | undefined;
	/** every message between brackets, accented and longer, so that what comes from nowhere else shows */
	readonly pseudo?: boolean | undefined;
}

/** What a message is told with: a list is said as one, a number as the reader writes it. */
export type Param = string | number | readonly string[];

/** Terms and spelling of each English; both share every message. */
const ENGLISH = {
	us: { locale: 'en-US', terms: new FluentResource(us) },
	uk: { locale: 'en-GB', terms: new FluentResource(uk) }
} as const;

const rooms: FluentResource[] = [];
const bundles = new Map<string, FluentBundle>();

/** Puts the messages of a room into the catalogue. */
export function addMessages(text: string): void {
	const resource = new FluentResource(text);
	rooms.push(resource);
	for (const bundle of bundles.values()) bundle.addResource(resource);
}

function bundleFor({ terms, pseudo: pretends = false }: Reader): FluentBundle {
	const key = `${terms} ${pretends}`;
	const made = bundles.get(key);
	if (made) return made;
	const { locale, terms: own } = ENGLISH[terms];
	const bundle = new FluentBundle(locale, {
		useIsolating: false,
		...(pretends ? { transform: pseudo } : {})
	});
	for (const resource of [own, ...rooms]) bundle.addResource(resource);
	bundles.set(key, bundle);
	return bundle;
}

/** A number that chooses its plural by the language, and is written as its reader writes numbers. */
class Written extends FluentNumber {
	constructor(
		value: number,
		readonly locale: string | undefined
	) {
		super(value);
	}
	override toString(): string {
		return numberSaid(this.value, this.locale, 2);
	}
}

const lists = new Map<string, Intl.ListFormat>();
function listed(items: readonly string[], locale: string): string {
	let format = lists.get(locale);
	if (!format) lists.set(locale, (format = new Intl.ListFormat(locale, { type: 'conjunction' })));
	return format.format(items);
}

/** A message as its reader reads it. A message, or a parameter, that is missing is a bug: it is told on the console. */
export function rendered(
	id: string,
	params: Readonly<Record<string, Param>> | undefined,
	reader: Reader
): string {
	const bundle = bundleFor(reader);
	const message = bundle.getMessage(id);
	if (!message?.value) {
		console.error(`There is no message “${id}”.`);
		return id;
	}
	const values: Record<string, FluentVariable> = {};
	for (const [name, value] of Object.entries(params ?? {}))
		values[name] =
			typeof value === 'number'
				? new Written(value, reader.locale)
				: typeof value === 'string'
					? value
					: listed(value, ENGLISH[reader.terms].locale);
	const errors: Error[] = [];
	const text = bundle.formatPattern(message.value, values, errors);
	if (errors.length > 0) console.error(`Message “${id}”: ${errors[0].message}`);
	return reader.pseudo ? `[${text}]` : text;
}
