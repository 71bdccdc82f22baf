import { createInterface } from 'node:readline';
import { text } from 'node:stream/consumers';
import * as z from 'zod/mini';
import { fault, type Result } from '../core/result';
import { readsInput, run } from './run';

const lineShape = z.union([
	z.array(z.string()),
	z.object({ args: z.array(z.string()), input: z.optional(z.string()) })
]);

/** Writing a sheet needs fonts and files; the other verbs need not wait for them. */
async function answer(args: readonly string[], input?: string): Promise<Result<unknown>> {
	if (args[0] !== 'handout') return run(args, input);
	const { answerHandout } = await import('./handout');
	return answerHandout(args.slice(1), input ?? '');
}

const print = (answer: Result<unknown>) => JSON.stringify(answer.ok ? answer.value : { error: answer.error });

/** One command a line, one answer a line, errors included. */
async function batch() {
	for await (const line of createInterface({ input: process.stdin })) {
		if (line.trim() !== '') process.stdout.write(print(await answerLine(line)) + '\n');
	}
}

async function answerLine(line: string): Promise<Result<unknown>> {
	let value: unknown;
	try {
		value = JSON.parse(line);
	} catch {
		value = undefined;
	}
	const parsed = z.safeParse(lineShape, value);
	if (!parsed.success)
		return fault(
			'unreadable',
			'Each line is a JSON array of arguments, as in ["read","2/2 LC"], or { "args": [ … ], "input": "…" }.'
		);
	return Array.isArray(parsed.data) ? answer(parsed.data) : answer(parsed.data.args, parsed.data.input);
}

const args = process.argv.slice(2);
if (args[0] === 'batch') {
	await batch();
} else {
	const result = await answer(args, readsInput(args[0] ?? '') ? await text(process.stdin) : '');
	process.stdout.write(print(result) + '\n');
	process.exitCode = result.ok ? 0 : 2;
}
