/** A file that is being made for a lesson, as its page sees it. */
export interface Job {
	readonly id: string;
	readonly state: 'waiting' | 'done' | 'failed' | 'cancelled';
	readonly done: number;
	readonly of: number;
	/** what went wrong */
	readonly said: string | null;
	/** what the file is called, once it is made */
	readonly name: string | null;
}
