import { defineConfig } from '@playwright/test';
import { LAUNCH } from './scripts/lib/chromium.mjs';

export default defineConfig({
	testDir: 'tests',
	outputDir: 'test-results',
	// Much of a test is waiting, so one more than there are cores goes well.
	workers: 3,
	expect: { timeout: 10_000 },
	timeout: 120_000,
	forbidOnly: Boolean(process.env.CI),
	reporter: process.env.POND_REPORT ? [['list'], ['json', { outputFile: process.env.POND_REPORT }]] : 'list',
	use: {
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		// A service worker would fetch the whole app to keep it: only tests that go on without a server let it.
		serviceWorkers: 'block',
		// What glides is drawn again and again, which two cores feel; `bench.spec` keeps its motion.
		contextOptions: { reducedMotion: 'reduce' },
		launchOptions: LAUNCH
	}
});
