/** One thing to say, with its heading. */
export interface Point {
	readonly title: string;
	readonly says: string;
}
