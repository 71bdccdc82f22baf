/** What a thread is told by whoever begins it, in place of what SvelteKit gives the server's own. */
export const env: Readonly<Record<string, string | undefined>> = process.env;
