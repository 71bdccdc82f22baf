<script lang="ts">
	import '../app.css';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import Icon from '$lib/components/Icon.svelte';
	import Dialog from '$lib/components/Dialog.svelte';
	import SaveState from '$lib/components/SaveState.svelte';
	import SettingsForm from '$lib/components/SettingsForm.svelte';
	import { keysHere, useKeys } from '$lib/keys.svelte';
	import { outbox } from '$lib/outbox.svelte';
	import { OpenSettings, setSettings } from '$lib/settings.svelte';

	let { data, children } = $props();

	const settings = untrack(() => new OpenSettings(data.settings, data.locale));
	setSettings(settings);

	let settingsOpen = $state(false);
	let keysOpen = $state(false);

	onMount(() => {
		const stop = settings.watch();
		if (data.teacher) outbox.open(data.teacher.id);
		document.documentElement.dataset.ready = 'true';
		return stop;
	});
	$effect(() => {
		document.documentElement.dataset.theme = settings.value.theme;
	});
	useKeys([
		{ key: 'Shift+?', cap: '?', says: 'this sheet of keys', run: () => (keysOpen = true) },
		{ key: ',', cap: ',', says: 'settings: hands, words, light', run: () => (settingsOpen = true) }
	]);

	const PLACES = [
		{ href: resolve('/'), name: 'Bench', here: (path: string) => path === '/' || path === '/key' },
		{ href: resolve('/swatches'), name: 'Swatches', here: (path: string) => path.startsWith('/swatches') },
		{
			href: resolve('/lessons'),
			name: 'Lessons',
			here: (path: string) => /^\/(?:lessons|courses)/.test(path)
		}
	];
	// The stage and what is printed have the page to themselves.
	const bare = $derived(/\/(stage|sheet|rows)$/.test(page.url.pathname));
	const summary = $derived(
		[
			settings.value.hand === 'right' ? 'Right-handed' : 'Left-handed',
			`yarn in ${settings.value.yarnHand} hand`,
			`${settings.value.terms.toUpperCase()} words`
		].join(' · ')
	);
</script>

{#if !bare}
	<a
		href="#work"
		class="sr-only z-50 rounded-xl bg-primary px-4 py-3 font-semibold text-primary-content focus:not-sr-only focus:absolute focus:top-1 focus:left-2"
		>Go to the work</a
	>
	<header
		class="flex min-h-13 flex-wrap items-center gap-x-4 border-b border-hairline bg-base-100 px-4 sm:gap-x-7 sm:px-7 print:hidden"
	>
		<a href={resolve('/')} class="flex items-center gap-2.5 py-2 font-serif text-[1.35rem] font-semibold">
			<svg viewBox="0 0 30 24" width="30" height="24" aria-hidden="true" fill="none" stroke="currentColor">
				<path d="M2 18h5c3 0 3-14 8-14s5 14 8 14h5" stroke-width="2.6" stroke-linecap="round" />
				<path d="M2 22.5h26" stroke-width="1.6" stroke-dasharray="3 2.6" stroke-linecap="round" />
			</svg>
			<span class="sr-only sm:not-sr-only">Pond Loop</span>
		</a>
		{#if data.teacher}<nav aria-label="Places" class="flex gap-4 sm:gap-6">
				{#each PLACES as { href, name, here } (name)}
					{@const current = here(page.url.pathname)}
					<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where the list is made -->
					<a
						{href}
						class="border-b-3 border-transparent pt-3.5 pb-2.5 {current
							? 'border-base-content! font-semibold'
							: 'text-quiet hover:text-base-content'}"
						aria-current={current ? 'page' : undefined}>{name}</a
					>
				{/each}
			</nav>{/if}
		<SaveState />
		<div class="ml-auto flex items-center gap-1 sm:gap-2.5">
			{#if data.teacher}<button
					type="button"
					class="flex min-h-11 items-center gap-2 rounded-xl px-2.5 text-sm hover:bg-base-200"
					onclick={() => (settingsOpen = true)}
				>
					<span class="hidden md:inline">{summary}</span>
					<Icon name="settings" size={18} />
					<span class="sr-only md:hidden">Settings: {summary}</span>
				</button>{/if}
			<button
				type="button"
				class="hidden min-h-11 min-w-11 place-items-center rounded-xl hover:bg-base-200 sm:grid"
				onclick={() => (keysOpen = true)}
				aria-label="Keys"
			>
				<span class="key-cap" aria-hidden="true">?</span>
			</button>
			{#if data.teacher}
				<a
					class="grid min-h-11 min-w-11 place-items-center rounded-xl hover:bg-base-200"
					href={resolve('/account')}
					aria-current={page.url.pathname === '/account' ? 'page' : undefined}
				>
					<Icon name="user" size={19} />
					<span class="sr-only">Account of {data.teacher.name}</span>
				</a>
			{/if}
		</div>
	</header>
{/if}

<main id="work" tabindex="-1" class="outline-none">{@render children()}</main>

<Dialog title="Hands, words and light" bind:open={settingsOpen}><SettingsForm /></Dialog>
<Dialog title="Keys" bind:open={keysOpen}>
	<dl class="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2.5">
		{#each keysHere() as { key, cap, says } (key)}
			<dt><kbd class="key-cap">{cap}</kbd></dt>
			<dd>{says}</dd>
		{/each}
	</dl>
</Dialog>
