import { removedAt, type Named } from '$lib/wire/shapes';
import { readAnew } from './reading';
import { deleteAt, postJson } from './requests';

/** Putting things of a list away, bringing them back, deleting them for good. */
export class Shelf {
	/** what went wrong last, in words for the page */
	trouble = $state<string | null>(null);
	/** what was put away last, while taking that back is offered */
	removed = $state.raw<Named | null>(null);

	/** @param list where the things of the list are, without their ids */
	constructor(readonly list: string) {}

	/** Puts a thing away, or brings it back. */
	async put(one: Named, away: boolean): Promise<void> {
		this.trouble = await postJson(removedAt(this.list, one.id), { removed: away });
		if (this.trouble) return;
		this.removed = away ? one : null;
		await readAnew();
	}

	/** Deletes a thing that was put away. */
	async destroy(one: Named): Promise<void> {
		this.trouble = await deleteAt(removedAt(this.list, one.id));
		if (!this.trouble) await readAnew();
	}

	/** Takes the last putting away back. */
	async back(): Promise<void> {
		if (this.removed) await this.put(this.removed, false);
	}
}
