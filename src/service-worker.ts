/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />

import { build, version } from '$service-worker';

/**
 * Keeps a stage that was opened, so that a class goes on while the network and the server are away. It asks for nothing
 * else: every other page goes to the server as it always does.
 */
const worker = globalThis.self as unknown as ServiceWorkerGlobalScope;
const NAME = 'pond-stage';
const CACHE = `${NAME}-${version}`;
/** A server that has not answered by then is taken to be away. */
const PATIENCE_MS = 4_000;

/** What only a sheet needs is not kept. */
const KEPT = build.filter((path) => !/pdf/.test(path));

const isStage = (path: string) => /^\/lessons\/[0-9a-f-]{36}\/stage(?:\/__data\.json)?$/.test(path);
const isPicture = (path: string) => /^\/pictures\/[0-9a-f-]{36}$/.test(path);

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(CACHE)
			.then((cache) => cache.addAll(KEPT))
			.then(() => worker.skipWaiting())
	);
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(forgetOthers().then(() => worker.clients.claim()));
});

// The page that registers this was loaded before there was anybody to keep it.
worker.addEventListener('message', (event) => {
	const { keep } = event.data as { keep: string };
	if (isStage(keep)) event.waitUntil(fromServer(new Request(keep)).catch(() => undefined));
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (KEPT.includes(url.pathname)) event.respondWith(keptOr(request));
	else if (isStage(url.pathname) || isPicture(url.pathname)) event.respondWith(newestOf(request));
});

async function keptOr(request: Request): Promise<Response> {
	return (await caches.match(request)) ?? fetch(request);
}

/** What the server says now; what it said last, where it does not answer. */
async function newestOf(request: Request): Promise<Response> {
	const kept = await caches.match(request, { ignoreSearch: true, ignoreVary: true });
	if (!kept) return fromServer(request);
	const late = new Promise<Response>((resolve) => setTimeout(() => resolve(kept), PATIENCE_MS));
	const answer = fromServer(request).then(
		(response) => (response.status >= 500 ? kept : response),
		() => kept
	);
	return Promise.race([answer, late]);
}

async function fromServer(request: Request): Promise<Response> {
	const response = await fetch(request);
	// A page that leads to signing in is no stage.
	if (response.ok && !response.redirected) {
		const cache = await caches.open(CACHE);
		await cache.put(new URL(request.url).pathname, response.clone());
	}
	return response;
}

async function forgetOthers(): Promise<void> {
	const names = await caches.keys();
	await Promise.all(
		names.filter((name) => name.startsWith(NAME) && name !== CACHE).map((name) => caches.delete(name))
	);
}
