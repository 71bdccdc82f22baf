import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startDatabase } from '../../scripts/lib/postgres.mjs';
import { temporaryFolder } from '../../scripts/lib/temporaryFolder.mjs';

declare module 'vitest' {
	interface ProvidedContext {
		databaseUrl: string;
	}
}

/** Starts a PostgreSQL once for all tests that ask a real one, and ends it with them. */
export default async function databaseServer({ provide }: TestProject): Promise<() => Promise<void>> {
	const folder = temporaryFolder();
	const database = await startDatabase(join(folder.path, 'data'));
	provide('databaseUrl', database.url);
	return async () => {
		await database.stop();
		folder.remove();
	};
}
