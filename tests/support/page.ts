import { vi } from 'vitest';
import { outbox, type Letter } from '$lib/client/outbox.svelte';
import { storage } from './storage';

/** What the server takes of a letter: its answer, or `null` when it is away. */
export type Answering = (
	to: string,
	body: Record<string, unknown>
) => { status?: number; json: unknown } | null;

/** A browser's page as far as its state asks for one: storage, a clock that is turned by hand, and a server to write to. */
export function fakePage(answering: Answering): { sent: { to: string; body: Record<string, unknown> }[] } {
	const sent: { to: string; body: Record<string, unknown> }[] = [];
	vi.useFakeTimers();
	vi.stubGlobal('localStorage', storage());
	vi.stubGlobal('sessionStorage', storage());
	vi.stubGlobal('addEventListener', () => {});
	vi.stubGlobal('removeEventListener', () => {});
	vi.stubGlobal('document', { visibilityState: 'visible' });
	vi.stubGlobal('fetch', async (to: string, request: { body?: string } = {}) => {
		const body = request.body === undefined ? {} : (JSON.parse(request.body) as Record<string, unknown>);
		const answer = answering(to, body);
		if (!answer) throw new TypeError('away');
		sent.push({ to, body });
		const { status = 200, json } = answer;
		return { ok: status < 400, status, json: async () => json };
	});
	return { sent };
}

/** Lets the outbox send what waits, and time go by. */
export const rested = (ms = 1_000) => vi.advanceTimersByTimeAsync(ms);

/** Takes the page away again. */
export function leavePage(): void {
	outbox.letters = [];
	outbox.refusals = [];
	outbox.away = false;
	vi.unstubAllGlobals();
	vi.useRealTimers();
}

/** What waits to be sent, the oldest first. */
export const waitingTo = (to: string): readonly Letter['body'][] =>
	outbox.waiting(to).map(({ body }) => body);
