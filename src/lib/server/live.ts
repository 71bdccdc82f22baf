import pg from 'pg';
import { env } from '$env/dynamic/private';
import { log } from './log';
import { CHANNEL, type News } from './store/followings';

/** How long after a lost connection another is tried. */
const AGAIN_MS = 500;

/** Hears news of a class; `missed`, where some may have been missed and all is to be asked for anew. */
type Hears = (news: News | 'missed') => void;

const hearing = new Map<string, Set<Hears>>();
let client: pg.Client | undefined;
let again: ReturnType<typeof setTimeout> | undefined;

/**
 * Hears what is new of a class, in whichever process it was done. One connection to the database listens for all; while
 * there is none nothing is heard, and everybody asks anew once there is one.
 *
 * @returns how to stop
 */
export function hearOf(following: string, hears: Hears): () => void {
	const all = hearing.get(following) ?? new Set();
	hearing.set(following, all.add(hears));
	if (!client) void listen();
	return () => {
		all.delete(hears);
		if (all.size === 0 && hearing.get(following) === all) hearing.delete(following);
	};
}

async function listen(): Promise<void> {
	clearTimeout(again);
	const fresh = new pg.Client({ connectionString: env.DATABASE_URL, keepAlive: true });
	client = fresh;
	const lost = (error?: Error) => {
		if (client !== fresh) return;
		client = undefined;
		fresh.end().catch(() => undefined);
		if (hearing.size === 0) return;
		if (error) log.warn({ err: error }, 'no news of classes for a moment');
		again = setTimeout(() => void listen(), AGAIN_MS);
	};
	fresh.on('error', lost);
	fresh.on('end', () => lost());
	fresh.on('notification', ({ payload = '' }) => {
		const news = JSON.parse(payload) as News;
		hearing.get(news.of)?.forEach((hears) => hears(news));
	});
	try {
		await fresh.connect();
		await fresh.query(`listen ${CHANNEL}`);
		for (const all of hearing.values()) all.forEach((hears) => hears('missed'));
	} catch (error) {
		lost(error as Error);
	}
}

/** Lets the connection go. */
export async function stopListening(): Promise<void> {
	clearTimeout(again);
	hearing.clear();
	const last = client;
	client = undefined;
	await last?.end().catch(() => undefined);
}
