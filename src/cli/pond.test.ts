import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';

const pond = (args: string[], input = '') => {
	const { stdout, stderr, status } = spawnSync('node_modules/.bin/tsx', ['src/cli/pond.ts', ...args], {
		input,
		encoding: 'utf8'
	});
	return {
		lines: stdout
			.trimEnd()
			.split('\n')
			.map((line) => JSON.parse(line)),
		stderr,
		status
	};
};

describe('the command line', () => {
	it('prints the error and exits with 2', () => {
		expect(pond(['read', 'marmalade'])).toMatchObject({
			lines: [{ error: { code: 'unreadable', at: 1 } }],
			stderr: '',
			status: 2
		});
	});

	it('reads rows from standard input, prints one answer and exits with 0', () => {
		expect(pond(['chart'], 'Cast on 4.\nRow 1 (RS): 2/2 RC.\n')).toMatchObject({
			lines: [{ width: 4, crosses: [{ name: '2/2 RC' }] }],
			stderr: '',
			status: 0
		});
	});

	it('answers a batch line by line, errors included, and skips blank ones', () => {
		const input = [
			'["read","2/2 LC"]',
			'{"args":["rows"],"input":"Cast on 4.\\nRow 1 (RS): 2/2 RC."}',
			'',
			'  ',
			'nonsense',
			'{"args":["ways","1/1 RC"],"input":"x"}',
			'[1]',
			'{}',
			'["batch"]'
		].join('\n');
		const { lines, status } = pond(['batch'], input);
		expect(status).toBe(0);
		expect(lines.map((line) => line.error?.code ?? 'answered')).toEqual([
			...['answered', 'answered', 'unreadable', 'answered', 'unreadable', 'unreadable', 'unreadable']
		]);
		expect(lines[1]).toMatchObject({ castOn: 4 });
	});
});
