import { parseArgs } from 'node:util';
import { build } from './lib/build.mjs';
import { installPackages, postgresPrograms } from './lib/install.mjs';
import { refusing } from './lib/refusal.mjs';

/** Teachers at work for an hour while everything is killed at random: `npm run soak -- [--seconds N]`. */
await refusing(async () => {
	const { values } = parseArgs({ options: { seconds: { type: 'string', default: '3600' } } });
	await installPackages();
	postgresPrograms();
	build();
	const { soak } = await import('./lib/soak.mjs');
	const report = await soak(Number(values.seconds));
	console.log(JSON.stringify(report, null, '\t'));
	if (report.lost > 0 || report.unanswered > 0) process.exitCode = 1;
});
