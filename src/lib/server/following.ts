import { FOLLOW, type Following } from '$lib/wire/follow';
import { newCode } from './codes';
import { eventStream } from './events';
import { hearOf } from './live';
import { log } from './log';
import { originsFor } from './origins';
import { goneFollowing, roomOf, stillFollowing, type FoundFollower } from './store/followers';
import { classNow, type OpenedFollowing } from './store/followings';

/** Six letters of base 32 are a thousand million codes: with few tries for each address, nobody finds one by guessing. */
const CODE_LENGTH = 6;
/** How often it is noted that phones are still there. */
const STILL_MS = 8_000;
/** What many phones do at once is told to their teacher at once. */
const ROOM_REST_MS = 150;
/** Phones that fell silent are counted out without any news of it. */
const ROOM_AGAIN_MS = 10_000;

export const followCode = (): string => newCode(CODE_LENGTH);

/** A class as its teacher sees it, with the addresses at which phones reach it. */
export function reachable({ id, code, moment }: OpenedFollowing, url: URL): Following {
	const { origins, onlyHere } = originsFor(url);
	return {
		id,
		code,
		addresses: origins.map((origin) => `${origin}${FOLLOW}/${code}`),
		onlyHere,
		moment
	};
}

/** Phones whose streams this process holds, and how many each has: two windows, or one that came back before it was missed. */
const here = new Map<string, number>();
let noting: ReturnType<typeof setInterval> | undefined;

function noteWhoIsHere(): void {
	noting ??= setInterval(() => {
		if (here.size > 0)
			stillFollowing([...here.keys()]).catch((error) => log.warn({ err: error }, 'phones not noted'));
	}, STILL_MS).unref();
}

/** What a phone hears: how the class stands, whenever that changes. */
export function classEvents(follower: FoundFollower): Response {
	return eventStream('phone', (send) => {
		const tell = () =>
			void classNow(follower.following).then(
				(now) => send(now ?? { closed: true }),
				() => undefined
			);
		const stop = hearOf(follower.following, (news) => {
			if (news === 'missed') tell();
			else if ('now' in news) send(news.now);
			else if ('closed' in news) send({ closed: true });
		});
		tell();
		here.set(follower.id, (here.get(follower.id) ?? 0) + 1);
		noteWhoIsHere();
		return () => {
			stop();
			const others = here.get(follower.id)! - 1;
			if (others > 0) return void here.set(follower.id, others);
			here.delete(follower.id);
			goneFollowing(follower).catch(() => undefined);
		};
	});
}

/** What a teacher hears of a class: its room at a glance, whenever that changes. */
export function roomEvents(following: string): Response {
	return eventStream('teacher', (send) => {
		let waiting: ReturnType<typeof setTimeout> | undefined;
		const tell = () => {
			waiting = undefined;
			roomOf(following).then(
				(room) => send(room ?? { closed: true }),
				() => undefined
			);
		};
		const soon = () => (waiting ??= setTimeout(tell, ROOM_REST_MS));
		const stop = hearOf(following, (news) => {
			if (news !== 'missed' && 'led' in news) send({ led: news.led });
			soon();
		});
		const again = setInterval(soon, ROOM_AGAIN_MS);
		tell();
		return () => {
			stop();
			clearTimeout(waiting);
			clearInterval(again);
		};
	});
}
