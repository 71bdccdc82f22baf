declare module 'linebreak' {
	/** Where lines may break, by Unicode Standard Annex 14. */
	export default class LineBreaker {
		constructor(text: string);
		/** the next place, in UTF-16 units; `null` behind the last */
		nextBreak(): { readonly position: number; readonly required: boolean } | null;
	}
}
