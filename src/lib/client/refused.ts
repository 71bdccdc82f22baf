import { documentOf, type Letter, type Refusal } from './outbox.svelte';

/** What a change that was not taken says, as a text to be kept: every word of it, under the name of its place. */
export function copyOf({ letter, message }: Refusal): string {
	return [`Not taken: ${message}`, ...said(letter.body)].join('\n\n') + '\n';
}

/** Ids say nothing to a reader. */
const IDS = /^(?:id|page|since|base|lesson|part|kind|format)$/;

function said(value: unknown, name = ''): string[] {
	if (typeof value === 'string') return value && !IDS.test(name) ? [name ? `${name}:\n${value}` : value] : [];
	if (typeof value === 'number') return IDS.test(name) ? [] : [`${name}: ${value}`];
	if (Array.isArray(value)) return value.flatMap((one) => said(one, name));
	return typeof value === 'object' && value !== null
		? Object.entries(value).flatMap(([key, one]) => said(one, key))
		: [];
}

/** The page on which a change was made, where it can be made otherwise. */
export function placeOf(letter: Letter): string {
	const [kind, id] = documentOf(letter).split('/');
	if (kind === 'lessons' || kind === 'swatches' || kind === 'courses')
		return id ? `/${kind}/${id}` : `/${kind}`;
	if (kind === 'keys') return '/abbreviations';
	return kind === 'settings' ? '/account' : '/';
}
