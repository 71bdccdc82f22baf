import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { idsOf, IDS_FILE, rooms, termsOf } from '../../../scripts/lib/messageIds.mjs';
import { rendered } from './catalogue';
import { shell } from './shell';
import { ui } from './ui';

const US = { value: { terms: 'us' } } as const;
const UK = { value: { terms: 'uk' } } as const;
const PSEUDO = { value: { terms: 'us', pseudo: true } } as const;

describe('the catalogue', () => {
	it('has its ids typed as they are written', () => expect(readFileSync(IDS_FILE, 'utf8')).toBe(idsOf()));

	it('has every term in both Englishes', () => expect(termsOf('uk').sort()).toEqual(termsOf('us').sort()));

	it('has no term that no message says', () => {
		const said = rooms()
			.map(({ room }) => readFileSync(`src/messages/en/rooms/${room}.ftl`, 'utf8'))
			.join('\n');
		for (const term of termsOf('us')) expect(said, term).toContain(`{ -${term} }`);
	});

	it('says nothing that no page asks for', () => {
		const asked = sources('src').join('\n');
		for (const { messages } of rooms())
			for (const { id } of messages) expect(isAsked(asked, id), id).toBe(true);
	});

	it('counts, lists and writes numbers as its reader does', () => {
		expect(ui(US)('ui-waiting', { count: 1 })).toBe('1 change saved on this device');
		expect(ui(US)('ui-waiting', { count: 12_000 })).toBe('12,000 changes saved on this device');
		const german = { value: { terms: 'uk', locale: 'de-DE' } } as const;
		expect(ui(german)('ui-waiting', { count: 12_000 })).toBe('12.000 changes saved on this device');
	});

	it('has US and UK words from one message', () => {
		expect([ui(US)('ui-cm'), ui(UK)('ui-cm')]).toEqual(['Centimeters, A4', 'Centimetres, A4']);
		const summary = { hand: 'left', yarn: 'right' } as const;
		expect(shell(US)('shell-summary', summary)).toBe('Left-handed · yarn in right hand · US terms');
		expect(shell(UK)('shell-summary', summary)).toBe('Left-handed · yarn in right hand · UK terms');
	});

	it('shows what is not said from it: everything that is stands between brackets, longer and accented', () => {
		const said = ui(PSEUDO)('ui-saved-at', { time: '19:05' });
		expect(said).toMatch(/^\[.*19:05\]$/);
		expect(said).not.toContain('Saved');
		expect(said.length).toBeGreaterThan('[Saved 19:05]'.length);
	});

	it('tells of a message that is missing', () => {
		const told = vi.spyOn(console, 'error').mockImplementation(() => {});
		expect(rendered('ui-nothing', undefined, US.value)).toBe('ui-nothing');
		expect(told).toHaveBeenCalledWith(expect.stringContaining('ui-nothing'));
		told.mockRestore();
	});
});

/** What a teacher would find odd, or knitters call otherwise. */
const BANNED: readonly RegExp[] = [
	/\bcloths?\b/i,
	/\bcrossings?\b/i,
	/\bslips? of the hands\b/i,
	/\bput(?:ting)? away\b|\btake out\b|\bbring back\b|\btaken? back\b/i,
	/\btonight\b|\ban evening\b/i,
	/\bin a hundred\b|\b(?:two|three|eight) of ten\b/i,
	/\bThis is no\b|\bis no [a-z]|\bNobody\b|\bnothing .* that\b/,
	/\bdatabase\b|\bserver\b/i,
	/\bhindmost\b|\bthe other side\b|\bso\.$/i,
	/\bkey desk\b|\bthe bench\b|\bthe stage\b|\bladder\b|\bsquare code\b/i,
	/\bmend(?:s|ed|ing)?\b/i
];

describe('every message', () => {
	const texts = rooms().flatMap(({ messages }) => messages);

	it('is in words that teachers use', () => {
		for (const { id, text } of texts) for (const banned of BANNED) expect(text, id).not.toMatch(banned);
	});

	it('is a sentence of at most twenty words', () => {
		for (const { id, text } of texts)
			for (const sentence of text.split(/[.!?:;](?:\s|$)|\n/))
				expect(sentence.trim().split(/\s+/).length, `${id}: ${sentence}`).toBeLessThanOrEqual(20);
	});
});

/** Whether code asks for a message: by its id, or by an id whose last words are a word of the code. */
const isAsked = (code: string, id: string): boolean =>
	code.includes(`'${id}'`) ||
	[...id.matchAll(/-/g)].some(({ index }) => code.includes(`\`${id.slice(0, index + 1)}\${`));

function sources(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return sources(path);
		return /\.(?:svelte|ts)$/.test(entry.name) && !/ids\.ts$|\.test\.ts$/.test(entry.name)
			? [readFileSync(path, 'utf8')]
			: [];
	});
}
