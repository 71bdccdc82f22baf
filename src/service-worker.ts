/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />

import { build, version } from '$service-worker';

/**
 * Keeps a teaching screen, a class that is followed, a learner's exercises, a swatch or a piece that was opened, so that a class goes on, rows are counted and lengths written down while the network and the server
 * are away; and a page that says what still works, which comes in place of any other page that cannot be reached.
 */
const worker = globalThis.self as unknown as ServiceWorkerGlobalScope;
const NAME = 'pond-stage';
const CACHE = `${NAME}-${version}`;
/** Apart from those: who signs in anew forgets them, and not the page that says what is kept. */
const AWAY_NAME = 'pond-away';
const AWAY_CACHE = `${AWAY_NAME}-${version}`;
/** A server that has not answered by then is taken to be away. */
const PATIENCE_MS = 4_000;

/** What those pages are made of; what only a sheet needs is not kept. */
const KEPT = build.filter((path) => !/pdf/.test(path));
/** What the page for times without a server is made of. */
const AWAY = ['/away.html', '/away.css', '/away.js', '/icon.svg'];

const isWork = (path: string) =>
	/^\/(?:lessons\/[0-9a-f-]{36}\/teach|(?:swatches|measurements)\/[0-9a-f-]{36}|follow\/[0-9A-Z]{6}|practice\/[\w-]{22})(?:\/__data\.json)?$/.test(
		path
	);
const isPicture = (path: string) => /^(?:\/follow\/[0-9A-Z]{6})?\/pictures\/[0-9a-f-]{36}$/.test(path);

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(AWAY_CACHE)
			.then((cache) => cache.addAll(AWAY))
			.then(() => worker.skipWaiting())
	);
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(forgetOthers().then(() => worker.clients.claim()));
});

// The page that registers this was loaded before there was anybody to keep it.
worker.addEventListener('message', (event) => {
	const { keep } = event.data as { keep: string };
	if (isWork(keep)) event.waitUntil(keepPage(keep).catch(() => undefined));
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (KEPT.includes(url.pathname)) event.respondWith(keptOr(request));
	else if (isWork(url.pathname) || isPicture(url.pathname)) event.respondWith(newestOf(request));
	else if (AWAY.includes(url.pathname)) event.respondWith(keptOr(request));
	else if (request.mode === 'navigate') event.respondWith(fetch(request).catch(() => away()));
});

/** A page with all that it is made of. */
async function keepPage(path: string): Promise<void> {
	await fromServer(new Request(path));
	const cache = await caches.open(CACHE);
	const there = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
	await cache.addAll(KEPT.filter((file) => !there.has(file)));
}

const away = async (): Promise<Response> => (await caches.match('/away.html')) ?? Response.error();

async function keptOr(request: Request): Promise<Response> {
	return (await caches.match(request)) ?? fetch(request);
}

/** What the server says now; what it said last, where it does not answer. */
async function newestOf(request: Request): Promise<Response> {
	const kept = await caches.match(request, { ignoreSearch: true, ignoreVary: true });
	if (!kept)
		return fromServer(request).catch((error) =>
			request.mode === 'navigate' ? away() : Promise.reject(error)
		);
	const late = new Promise<Response>((resolve) => setTimeout(() => resolve(kept), PATIENCE_MS));
	const answer = fromServer(request).then(
		(response) => (response.status >= 500 ? kept : response),
		() => kept
	);
	return Promise.race([answer, late]);
}

async function fromServer(request: Request): Promise<Response> {
	const response = await fetch(request);
	if (response.status === 404 || response.status === 410) await forget(new URL(request.url).pathname);
	// A page that leads to signing in is not kept.
	if (response.ok && !response.redirected) {
		const cache = await caches.open(CACHE);
		await cache.put(new URL(request.url).pathname, response.clone());
	}
	return response;
}

/** What is gone on the server goes here too, with all that lies below it: a class that was closed, a link that was taken back. */
async function forget(path: string): Promise<void> {
	const cache = await caches.open(CACHE);
	const below = `${path.replace(/\/__data\.json$/, '')}/`;
	const keys = await cache.keys();
	await Promise.all(
		keys.filter(({ url }) => `${new URL(url).pathname}/`.startsWith(below)).map((one) => cache.delete(one))
	);
}

async function forgetOthers(): Promise<void> {
	const names = await caches.keys();
	await Promise.all(
		names
			.filter((name) => [NAME, AWAY_NAME].some((ours) => name.startsWith(ours)))
			.filter((name) => name !== CACHE && name !== AWAY_CACHE)
			.map((name) => caches.delete(name))
	);
}
