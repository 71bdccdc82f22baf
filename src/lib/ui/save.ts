/** Hands a file to the browser to keep. */
export function save(content: Blob | string, name: string, type = 'text/plain;charset=utf-8'): void {
	const blob = typeof content === 'string' ? new Blob([content], { type }) : content;
	const link = document.createElement('a');
	link.href = URL.createObjectURL(blob);
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Puts text on the clipboard; also where the page is not served over TLS and there is none to ask. */
export async function copy(text: string): Promise<void> {
	if (navigator.clipboard) return navigator.clipboard.writeText(text);
	const field = document.createElement('textarea');
	field.value = text;
	document.body.append(field);
	field.select();
	document.execCommand('copy');
	field.remove();
}

/** A name as a file may carry it: `2/2 RC` becomes `2-2-rc`. */
export const fileName = (name: string): string =>
	name
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60) || 'crossing';
