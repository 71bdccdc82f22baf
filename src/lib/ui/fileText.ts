import { fault, good, type Result } from '$core/result';
import type { Say } from '$lib/words/room';

/** Largest text that is brought in, in bytes. */
const LARGEST = 2_000_000;

/** What a file begins with that is none of text, and how it is called. */
const NO_TEXT: readonly (readonly [begins: string, id: `ui-file-${'pdf' | 'zip' | 'word' | 'picture'}`])[] = [
	['%PDF', 'ui-file-pdf'],
	['PK\u0003\u0004', 'ui-file-zip'],
	['\u00d0\u00cf\u0011\u00e0', 'ui-file-word'],
	['\u0089PNG', 'ui-file-picture'],
	['\u00ff\u00d8\u00ff', 'ui-file-picture']
];

/** The text of a file in whichever of the usual encodings; `unreadable` says what it is instead, `size` that it is too long. */
export async function textOf(file: File, say: Say<'ui'>): Promise<Result<string>> {
	const named = { file: file.name };
	if (file.size > LARGEST) return fault('size', say('ui-file-large', named));
	const bytes = new Uint8Array(await file.arrayBuffer());
	const head = String.fromCharCode(...bytes.subarray(0, 4));
	const other = NO_TEXT.find(([begins]) => head.startsWith(begins));
	if (other) return fault('unreadable', say(other[1], named));
	const text = decoded(bytes);
	if (text.includes('\0')) return fault('unreadable', say('ui-file-no-text', named));
	if (text.trim() === '') return fault('unreadable', say('ui-file-empty', named));
	return good(text);
}

function decoded(bytes: Uint8Array): string {
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
	try {
		return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
	} catch {
		return new TextDecoder('windows-1252').decode(bytes);
	}
}
