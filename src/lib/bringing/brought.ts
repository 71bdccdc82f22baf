/** What somebody pasted or dropped: a file, or a text. */
export type Brought = { readonly file: File } | { readonly text: string };

/** What a transfer holds; `null` where that is no text and no file, or only a word. */
export function brought(transfer: DataTransfer | null): Brought | null {
	const file = transfer?.files[0];
	if (file) return { file };
	const text = transfer?.getData('text/plain') ?? '';
	return text.trim().includes('\n') || text.length > 40 ? { text } : null;
}

const FIELDS = 'input, textarea, select, [contenteditable], dialog';

/** Whether something goes into a field, which takes it itself. */
export function isForText(event: Event): boolean {
	// The editor of rows lies in a shadow root: the event itself only shows its host.
	const target = event.composedPath().at(0);
	return target instanceof Element && target.closest(FIELDS) !== null;
}
