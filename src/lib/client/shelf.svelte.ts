import { invalidateAll } from '$app/navigation';
import type { Named } from '$lib/wire/named';
import { posted } from './post';

/** Putting things of a list away, bringing them back, deleting them for good. */
export class Shelf {
	/** what went wrong last, in words for the page */
	trouble = $state<string | null>(null);
	/** what was put away last, while taking that back is offered */
	removed = $state.raw<Named | null>(null);

	/** @param api where the things of the list are, without their ids */
	constructor(readonly api: string) {}

	/** Puts a thing away, or brings it back. */
	async put(one: Named, away: boolean): Promise<void> {
		if (!(await this.tell(one, { removed: away }, 'POST'))) return;
		this.removed = away ? one : null;
		await invalidateAll();
	}

	/** Deletes a thing that was put away. */
	async destroy(one: Named): Promise<void> {
		if (await this.tell(one, null, 'DELETE')) await invalidateAll();
	}

	/** Takes the last putting away back. */
	async back(): Promise<void> {
		if (this.removed) await this.put(this.removed, false);
	}

	private async tell({ id }: Named, body: unknown, method: 'POST' | 'DELETE'): Promise<boolean> {
		this.trouble = await posted(`${this.api}/${id}/removed`, body, method);
		return this.trouble === null;
	}
}
