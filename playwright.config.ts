import { defineConfig } from '@playwright/test';

export default defineConfig({
	testDir: 'tests',
	outputDir: 'test-results',
	workers: 2,
	timeout: 60_000,
	forbidOnly: Boolean(process.env.CI),
	reporter: process.env.POND_REPORT ? [['list'], ['json', { outputFile: process.env.POND_REPORT }]] : 'list',
	use: {
		viewport: { width: 1280, height: 800 },
		launchOptions: {
			executablePath: '/usr/bin/chromium',
			args: [
				'--no-sandbox',
				'--disable-gpu',
				'--disable-quic',
				'--no-first-run',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	}
});
