import type { SubmitFunction } from '@sveltejs/kit';

/**
 * Sends a form without loading the page anew, so that what was typed, passwords too, stays while it is mended. Where the
 * answer leads to another page that is loaded whole: somebody else may be signed in by then.
 */
export const keepTyped: SubmitFunction =
	() =>
	async ({ result, update }) => {
		if (result.type === 'redirect') location.assign(result.location);
		else await update();
	};
