/** What stands from one character to another gives way to something else. */
export interface TextEdit {
	readonly from: number;
	readonly to: number;
	readonly insert: string;
}

/** A text with all its edits made; they lie apart from each other, in any order. */
export const applyEdits = (text: string, edits: readonly TextEdit[]): string =>
	[...edits]
		.sort((a, b) => b.from - a.from)
		.reduce((now, { from, to, insert }) => now.slice(0, from) + insert + now.slice(to), text);

/** Something to press that mends a finding: what it says, and what it changes in the text. */
export interface Mend {
	readonly says: string;
	readonly edits: readonly TextEdit[];
}
