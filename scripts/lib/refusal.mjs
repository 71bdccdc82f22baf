/** Something the person who started us can mend: one clear sentence, and what to do. */
export class Refusal extends Error {}

/**
 * Runs a command's body; a refusal is printed as it is and ends with code 1, anything else is a bug and shows where.
 * @param {() => Promise<void>} body
 */
export async function refusing(body) {
	try {
		await body();
	} catch (error) {
		if (!(error instanceof Refusal)) throw error;
		console.error(`\nPond Loop: ${error.message}`);
		process.exitCode = 1;
	}
}
