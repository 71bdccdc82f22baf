import { once } from 'node:events';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { hostsOf } from './hosts.mjs';
import { checkNode } from './install.mjs';
import { refusedByHead } from './limits.mjs';
import { LogFile, putAside } from './logFile.mjs';
import { startOptions } from './options.mjs';
import { freePort } from './ports.mjs';
import { Refusal } from './refusal.mjs';
import { checkPort } from './serve.mjs';
import { nextTurn, turn } from './turn.mjs';

describe('starting', () => {
	it('refuses an old Node.js and says which it wants', () => {
		expect(() => checkNode('20.18.9')).toThrow(
			new Refusal('Node.js 20.18.9 is too old; install Node.js 20.19 or newer and start again.')
		);
		expect(() => checkNode('18.20.0')).toThrow(Refusal);
		expect(() => checkNode('20.19.0')).not.toThrow();
		expect(() => checkNode('22.1.0')).not.toThrow();
	});

	it('picks a port that is free, and that no connection going out could be given', async () => {
		const range = readFileSync('/proc/sys/net/ipv4/ip_local_port_range', 'utf8');
		const [firstGiven] = range.trim().split(/\s+/).map(Number);
		for (let tries = 0; tries < 20; tries++) {
			const port = await freePort();
			expect(port).toBeLessThan(firstGiven);
			await expect(checkPort({ port, host: '127.0.0.1' })).resolves.toBeUndefined();
		}
	});

	it('waits a moment for a port that is about to be let go of', async () => {
		const port = await freePort();
		const holder = createServer().listen(port, '127.0.0.1');
		await once(holder, 'listening');
		setTimeout(() => holder.close(), 250);
		await expect(checkPort({ port, host: '127.0.0.1' })).resolves.toBeUndefined();
		expect(holder.listening).toBe(false);
	});

	it('takes its options, and a whole path for the data', () => {
		expect(startOptions(['--port', '5000', '--data', 'x', '--host', '0.0.0.0'])).toMatchObject({
			port: 5000,
			host: '0.0.0.0',
			data: `${process.cwd()}/x`
		});
		expect(startOptions([])).toMatchObject({ port: 4600, host: '127.0.0.1', cert: undefined });
	});

	it.each([
		[['--port', '0']],
		[['--port', '70000']],
		[['--port', '4.5']],
		[['--key', 'k']],
		[['stray']],
		[['--processes', '0']],
		[['--processes', 'x']],
		[['--origin', 'pond']],
		[['--origin', 'https://a/b']],
		[['--database', 'mysql://a']]
	])('refuses %j in a sentence', (args) => expect(() => startOptions(args)).toThrow(Refusal));
});

describe('the names of a server', () => {
	it.each([
		['127.0.0.1', undefined, 'localhost:4600', true],
		['127.0.0.1', undefined, '127.0.0.1:4600', true],
		['127.0.0.1', undefined, '[::1]:4600', true],
		['127.0.0.1', undefined, '127.evil.example', false],
		['127.0.0.1', undefined, 'evil.example', false],
		['127.0.0.1', undefined, '192.168.1.7', false],
		['0.0.0.0', undefined, '192.168.1.7:4600', true],
		['0.0.0.0', undefined, 'evil.example', false],
		['127.0.0.1', 'https://pond.example', 'pond.example', true],
		['127.0.0.1', 'https://pond.example', 'POND.example', true],
		['127.0.0.1', 'https://pond.example', 'evil.pond.example', false],
		['127.0.0.1', undefined, undefined, false],
		['127.0.0.1', undefined, '[', false]
	])('at %s with --origin %s: %s is ours: %s', (host, origin, header, ours) =>
		expect(hostsOf({ host, origin })(header)).toBe(ours)
	);
});

describe('a request, by its head', () => {
	const refused = (url: string, headers: Record<string, string>) =>
		refusedByHead({ url, headers: { host: 'localhost', ...headers } } as never, () => true)?.status ?? null;

	it('passes with what each route takes, and not a byte more', () => {
		const form = { 'content-type': 'application/x-www-form-urlencoded' };
		expect(refused('/join', { ...form, 'content-length': '16384' })).toBeNull();
		expect(refused('/join', { ...form, 'content-length': '16385' })).toBe(413);
		expect(refused('/api/settings', { 'content-length': '262144' })).toBeNull();
		expect(refused('/api/settings', { 'content-length': '262145' })).toBe(413);
		// A lesson of 400 kB can be restored, and brought in again.
		expect(refused('/api/lessons', { 'content-length': '410000' })).toBeNull();
		expect(refused('/api/lessons/x/changes', { 'content-length': '1310721' })).toBe(413);
		expect(refused('/account/archive', { 'content-length': '200000000' })).toBeNull();
		expect(refused('/api/settings', { 'transfer-encoding': 'chunked' })).toBe(411);
		expect(refused('http://[', {})).toBe(400);
	});
});

describe('in a folder', () => {
	let folder = '';
	beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'pond-lib-'))));
	afterEach(() => rmSync(folder, { recursive: true }));

	it('only one at a time has its turn, and the next waits for it', async () => {
		const mine = await turn('test', folder);
		expect(mine).not.toBeNull();
		expect(await turn('test', folder)).toBeNull();
		expect(await turn('another thing', folder)).not.toBeNull();
		let came = false;
		const next = nextTurn('test', folder).then((back) => {
			came = true;
			return back;
		});
		// It has long been waiting.
		await new Promise((resolve) => setTimeout(resolve, 50));
		expect(came).toBe(false);
		mine!();
		(await next)();
		expect(came).toBe(true);
	});

	it('a log is written in time, and counts what it drops while it cannot', async () => {
		const path = join(folder, 'a.log');
		const log = new LogFile(path);
		log.write('one\ntwo\n');
		await log.end();
		expect(readFileSync(path, 'utf8')).toBe('one\ntwo\n');
		rmSync(path);
		mkdirSync(path);
		log.write('three\nfour\n');
		await log.end();
		rmSync(path, { recursive: true });
		log.write('five\n');
		await log.end();
		expect(readFileSync(path, 'utf8')).toMatch(/^five\n\{.*"2 lines of the log were dropped"\}\n$/);
	});

	it('a log that has grown is put aside, and three of them are kept', async () => {
		const path = join(folder, 'a.log');
		for (const said of ['1', '2', '3', '4', '5']) {
			writeFileSync(path, said.repeat(20));
			await putAside(path, 10);
			expect(readFileSync(path, 'utf8')).toBe('');
		}
		const kept = ['1', '2', '3'].map((n) => readFileSync(`${path}.${n}`, 'utf8')[0]);
		expect(kept).toEqual(['5', '4', '3']);
		expect(existsSync(`${path}.4`)).toBe(false);
	});
});
