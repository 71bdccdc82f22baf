import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** Tests that ask a real PostgreSQL. */
const STORE = 'src/lib/server/store/**/*.test.ts';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	build: {
		rolldownOptions: {
			output: {
				// Fewer files for a page to ask for, and less to send: what every page needs comes in one, and so do the many
				// small modules that most pages share. What is only asked for when a cloth went wrong stays apart.
				codeSplitting: {
					groups: [
						{ name: 'frame', test: /node_modules\/(svelte|@sveltejs\/kit|esm-env|clsx)\// },
						{
							name: 'shared',
							test: /src\/lib\/(?!mending\/|drawing\/(?:paintMade|MadePicture))/,
							minShareCount: 5,
							maxModuleSize: 3000
						}
					]
				}
			}
		}
	},
	test: {
		environment: 'node',
		// What is tested keeps nothing between files, so its modules need to be read once only.
		isolate: false,
		// Only what hangs is to fail by the clock, on a busy machine too.
		testTimeout: 60_000,
		projects: [
			{
				extends: true,
				test: {
					name: 'unit',
					include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'],
					exclude: [STORE]
				}
			},
			{
				extends: true,
				test: {
					name: 'store',
					include: [STORE],
					globalSetup: 'tests/support/databaseServer.ts',
					alias: {
						'$env/dynamic/private': fileURLToPath(new URL('src/lib/server/threadEnv.ts', import.meta.url))
					}
				}
			}
		]
	}
});
