/** A version of a document in the list of its history: what was done, and by whom or when. */
export interface VersionSaid {
	readonly id: string;
	readonly said: string;
	readonly note: string;
}
