import { defineConfig } from '@playwright/test';
import { LAUNCH } from './scripts/lib/chromium.mjs';

export default defineConfig({
	testDir: 'tests',
	outputDir: 'test-results',
	workers: 2,
	timeout: 120_000,
	forbidOnly: Boolean(process.env.CI),
	reporter: process.env.POND_REPORT ? [['list'], ['json', { outputFile: process.env.POND_REPORT }]] : 'list',
	use: {
		viewport: { width: 1280, height: 800 },
		launchOptions: LAUNCH
	}
});
