import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';
import { ftl } from './scripts/lib/ftl.mjs';

/** Tests that ask a real PostgreSQL. */
const STORE = 'src/lib/server/store/**/*.test.ts';

/**
 * Rooms and modules that do not come along with what most pages share: what is only asked for when a cloth went wrong, and
 * what works or draws rows.
 */
const APART = 'mending/|swatch/|drawing/(bed|paintMade|MadePicture|SwatchPicture)';

export default defineConfig({
	plugins: [ftl(), tailwindcss(), sveltekit()],
	build: {
		reportCompressedSize: false,
		rolldownOptions: {
			output: {
				// Fewer files for a page to ask for, and less to send: what every page needs comes in one, and so do the many
				// small modules that most pages share, and what crossings are to any page that has them.
				codeSplitting: {
					groups: [
						{ name: 'frame', test: /node_modules\/(svelte|@sveltejs\/kit|esm-env|clsx)\// },
						{
							name: 'shared',
							test: new RegExp(`src/(lib/(?!${APART})|core/(result|english|naming/numbers)[.])`),
							minShareCount: 12,
							maxModuleSize: 3000
						},
						{ name: 'crossing', test: /src\/core\/(technique|hands|naming|ways)\//, minShareCount: 17 }
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
