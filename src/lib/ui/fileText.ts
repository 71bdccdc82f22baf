import { fault, good, type Result } from '$core/result';

/** Largest text that is brought in, in bytes. */
const LARGEST = 2_000_000;

/** What a file begins with that is none of text, and what to do with it. */
const NO_TEXT: readonly (readonly [begins: string, what: string, instead: string])[] = [
	['%PDF', 'a PDF', 'Open it, copy its rows and paste them here'],
	['PK\u0003\u0004', 'a packed document', 'Open it, and save it as plain text'],
	['\u00d0\u00cf\u0011\u00e0', 'a document of a word processor', 'Open it, and save it as plain text'],
	['\u0089PNG', 'a picture', 'Type its rows, or bring in a text'],
	['\u00ff\u00d8\u00ff', 'a picture', 'Type its rows, or bring in a text']
];

/** The text of a file in whichever of the usual encodings; `unreadable` says what it is instead, `size` that it is too long. */
export async function textOf(file: File): Promise<Result<string>> {
	if (file.size > LARGEST)
		return fault('size', `“${file.name}” is larger than 2 MB. Bring in the part that has the rows.`);
	const bytes = new Uint8Array(await file.arrayBuffer());
	const head = String.fromCharCode(...bytes.subarray(0, 4));
	const other = NO_TEXT.find(([begins]) => head.startsWith(begins));
	if (other) return fault('unreadable', `“${file.name}” is ${other[1]}, not a text. ${other[2]}.`);
	const text = decoded(bytes);
	if (text.includes('\0'))
		return fault('unreadable', `“${file.name}” is no text. Bring in a file that opens as plain text.`);
	if (text.trim() === '') return fault('unreadable', `“${file.name}” is empty.`);
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
