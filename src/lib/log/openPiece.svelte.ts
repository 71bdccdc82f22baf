import type { Measured, PieceAbout } from '$core/measures/schema';
import { newId } from '$lib/client/id';
import { outbox, type Letter } from '$lib/client/outbox.svelte';
import { measuredAt, pieceAt, pieceOf, type KeptPiece } from '$lib/wire/log';

/** What of a piece may be said otherwise; a picture that is `null` is taken away. */
export type ChangedAbout = Partial<Omit<PieceAbout, 'picture'>> & { readonly picture?: string | null };

/**
 * A piece as its page shows it: what the server has, with what was done here and has not reached it yet. Everything goes
 * through the outbox, so that a phone beside the knitting loses nothing.
 */
export class OpenPiece {
	readonly id: string;
	#kept = $state.raw<KeptPiece>()!;
	readonly kept: KeptPiece = $derived.by(() => {
		const { id } = this.#kept;
		return [...outbox.waiting(pieceAt(id)), ...outbox.waiting(measuredAt(id))].reduce(withLetter, this.#kept);
	});
	/** in the open format */
	readonly piece = $derived(pieceOf(this.kept));

	constructor(kept: KeptPiece) {
		this.id = kept.id;
		this.take(kept);
	}

	/** Takes the piece as the server has it; what it took while the page was loaded may not be in it yet. */
	take(kept: KeptPiece): void {
		const lately = [pieceAt(kept.id), measuredAt(kept.id)].flatMap((to) => outbox.recent(to));
		this.#kept = lately.reduce((piece, { letter }) => withLetter(piece, letter), kept);
	}

	/** Listens for what the server has taken; gives back how to stop that. */
	watch(): () => void {
		return outbox.onTaken((letter) => (this.#kept = withLetter(this.#kept, letter)));
	}

	/** Says what the piece is otherwise; later words of the same field take the place of those still on their way. */
	say(about: ChangedAbout): void {
		outbox.post(pieceAt(this.id), { about }, `about ${Object.keys(about).join()}`);
	}

	/** Writes a measurement down, or another in place of one. */
	measure(record: Measured, measuredId = newId()): void {
		outbox.post(measuredAt(this.id), { measuredId, record });
	}

	/** Takes a measurement out. */
	unmeasure(measuredId: string): void {
		outbox.post(measuredAt(this.id), { measuredId, record: null });
	}
}

/** A piece after a letter; the same where it speaks of something else. Taking a letter twice changes nothing. */
export function withLetter(piece: KeptPiece, { to, body }: Pick<Letter, 'to' | 'body'>): KeptPiece {
	if (to === pieceAt(piece.id)) {
		const { picture, ...about } = { ...piece.about, ...(body.about as ChangedAbout) };
		return { ...piece, about: picture ? { ...about, picture } : about };
	}
	if (to !== measuredAt(piece.id)) return piece;
	const { measuredId, record } = body as { measuredId: string; record: Measured | null };
	const there = piece.measured.some(({ id }) => id === measuredId);
	if (record === null)
		return there ? { ...piece, measured: piece.measured.filter(({ id }) => id !== measuredId) } : piece;
	const written = { id: measuredId, record };
	return {
		...piece,
		measured: there
			? piece.measured.map((one) => (one.id === measuredId ? written : one))
			: [...piece.measured, written]
	};
}
