import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import { newSwatch } from '$core/swatch/schema';
import { newId } from './id';
import { outbox } from './outbox.svelte';
import { postJson } from './requests';
import { KEPT_KEYS } from '$lib/wire/bench';
import { versionsAt } from '$lib/wire/swatch';

/** Keeps a pattern's key, in use, and opens it at the key desk. */
export async function keepKeyAndGo(text: string): Promise<void> {
	const { keyLinesIn } = await import('$core/formats/pasted');
	const keyId = newId();
	const kept = { keyId, title: '', text: keyLinesIn(text).slice(0, 100_000), inUse: true };
	// Straight there, so that the page that opens has it; by letter where the server is away.
	if (await postJson(KEPT_KEYS, kept)) outbox.post(KEPT_KEYS, kept);
	await goto(resolve(`/abbreviations?open=${keyId}`));
}

/** Makes a swatch of rows and opens it; gives what went wrong in words, if something did. */
export async function makeSwatchAndGo(text: string, title: string, said: string): Promise<string | null> {
	const id = newId();
	const swatch = newSwatch(title, text);
	const trouble = await postJson(versionsAt(id), { id: newId(), base: null, swatch, said });
	if (!trouble) await goto(resolve('/swatches/[id]', { id }));
	return trouble;
}
