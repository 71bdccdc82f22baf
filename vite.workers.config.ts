import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** Threads of the server, each built into a file of its own beside it. */
export default defineConfig({
	resolve: { alias: { $core: here('src/core'), $lib: here('src/lib') } },
	// These read files of their own packages, and stay there.
	ssr: { noExternal: true, external: ['pdfkit', 'svg-to-pdfkit'] },
	build: {
		ssr: here('src/lib/server/sheetWorker.ts'),
		outDir: 'build/workers',
		emptyOutDir: true,
		target: 'node20',
		copyPublicDir: false
	}
});
