import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { ftl } from './scripts/lib/ftl.mjs';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** Threads of the server, each built into a file of its own beside it. */
export default defineConfig({
	plugins: [ftl()],
	resolve: {
		alias: {
			$core: here('src/core'),
			$lib: here('src/lib'),
			'$env/dynamic/private': here('src/lib/server/threadEnv.ts')
		}
	},
	// These read files of their own packages, and stay there.
	ssr: { noExternal: true, external: ['pdfkit', 'pg', 'pino', 'sharp', 'yauzl'] },
	build: {
		ssr: true,
		rolldownOptions: {
			input: {
				historyWorker: here('src/lib/server/historyWorker.ts'),
				sheetWorker: here('src/lib/server/sheetWorker.ts'),
				textsWorker: here('src/lib/server/textsWorker.ts'),
				archiveWorker: here('src/lib/server/archive/archiveWorker.ts')
			}
		},
		outDir: 'build/workers',
		emptyOutDir: true,
		target: 'node20',
		copyPublicDir: false
	}
});
