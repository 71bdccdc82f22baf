<script lang="ts">
	import '../app.css';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { afterNavigate } from '$app/navigation';
	import { flushSync, onMount, untrack } from 'svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import BringingIn from '$lib/bringing/BringingIn.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import SaveState from '$lib/ui/SaveState.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { awaitAway, waitForInstall } from '$lib/client/device.svelte';
	import { lightOf } from '$lib/ui/light';
	import { ownLocale } from '$lib/ui/locale';
	import { outbox } from '$lib/client/outbox.svelte';
	import { OpenSettings, setSettings } from '$lib/client/settings.svelte';
	import { shell } from '$lib/words/shell';

	let { data, children } = $props();

	const settings = untrack(() => new OpenSettings(data.settings, data));
	setSettings(settings);
	const say = shell(settings);

	let settingsOpen = $state(false);
	let keysOpen = $state(false);
	let searchOpen = $state(false);
	let words = $state('');
	let field = $state<HTMLInputElement>();
	$effect(() => field?.focus());

	/** what is too much for the server to draw is drawn once the page is here */
	let awake = $state(false);
	onMount(() => {
		awake = true;
		const stop = settings.watch();
		// The browser's own fields for dates go by this, whatever it asks for over the wire.
		settings.locale = ownLocale();
		if (data.teacher) outbox.open(data.teacher.id);
		waitForInstall();
		void awaitAway();
		document.documentElement.dataset.ready = 'true';
		return stop;
	});
	// What was found lies on another page.
	afterNavigate(() => (searchOpen = false));
	/** paper is white whatever the evening is */
	let onPaper = $state(false);
	$effect(() => {
		document.documentElement.dataset.theme = onPaper ? 'day' : lightOf(settings.value);
	});
	const search = () => {
		words = '';
		searchOpen = data.teacher !== null;
	};
	useKeys([
		{ key: 'Shift+?', cap: '?', says: say('shell-key-keys'), run: () => (keysOpen = true) },
		{ key: '/', cap: '/', says: say('shell-key-search'), run: search },
		{ key: ',', cap: ',', says: say('shell-key-settings'), run: () => (settingsOpen = true) }
	]);

	const PLACES = $derived([
		{ to: '/', name: say('shell-crosses'), here: /^\/$/ },
		{ to: '/abbreviations', name: say('shell-abbreviations'), here: /^\/abbreviations$/ },
		{ to: '/swatches', name: say('shell-swatches'), here: /^\/swatches/ },
		{ to: '/sizing', name: say('shell-sizing'), here: /^\/sizing$/ },
		{ to: '/measurements', name: say('shell-measurements'), here: /^\/measurements/ },
		{ to: '/lessons', name: say('shell-lessons'), here: /^\/(?:lessons|courses)/ },
		{ to: '/classes', name: say('shell-classes'), here: /^\/classes$/ }
	] as const);
	// The stage, whoever follows it, and what is printed have the page to themselves.
	const bare = $derived(/\/(teach|handout|rows|codes)$|^\/(?:follow|practice)\/./.test(page.url.pathname));
	const summary = $derived(
		say('shell-summary', { hand: settings.value.hand, yarn: settings.value.yarnHand })
	);
</script>

<svelte:window
	onbeforeprint={() => flushSync(() => (onPaper = true))}
	onafterprint={() => (onPaper = false)}
/>

<BringingIn here={data.teacher !== null && !bare} />

{#if !bare}
	<a href="#work" class="skip-link">{say('shell-skip')}</a>
	<header
		class="flex min-h-13 flex-wrap items-center gap-x-4 border-b border-hairline bg-base-100 px-2.5 sm:gap-x-5 sm:px-7 print:hidden"
	>
		<a
			href={resolve('/')}
			class="flex min-h-11 min-w-11 items-center gap-2.5 font-serif text-[1.35rem] font-semibold"
		>
			<svg viewBox="0 0 30 24" width="30" height="24" aria-hidden="true" fill="none" stroke="currentColor">
				<path d="M2 18h5c3 0 3-14 8-14s5 14 8 14h5" stroke-width="2.6" stroke-linecap="round" />
				<path d="M2 22.5h26" stroke-width="1.6" stroke-dasharray="3 2.6" stroke-linecap="round" />
			</svg>
			<span class="sr-only sm:not-sr-only">Pond Loop</span>
		</a>
		{#if data.teacher}<nav
				aria-label={say('shell-places')}
				class="order-1 flex w-full flex-wrap gap-x-4 text-sm whitespace-nowrap sm:order-none sm:w-auto sm:gap-3.5 sm:text-base"
			>
				{#each PLACES as { to, name, here } (to)}
					{@const current = here.test(page.url.pathname)}
					<a
						href={resolve(to)}
						class="min-h-11 min-w-11 border-b-3 border-transparent pt-2.5 pb-2 text-center sm:pt-3.5 sm:pb-2.5 {current
							? 'border-base-content! font-semibold'
							: 'text-quiet hover:text-base-content'}"
						aria-current={current ? 'page' : undefined}>{name}</a
					>
				{/each}
			</nav>{/if}
		<SaveState />
		<div class="ml-auto flex items-center sm:gap-1.5">
			{#if data.teacher && settings.value.firstSteps}
				<a
					class="min-h-11 content-center px-2 underline underline-offset-4"
					href={resolve('/start')}
					aria-current={page.url.pathname === '/start' ? 'page' : undefined}>{say('shell-start')}</a
				>
			{/if}
			{#if data.teacher}
				<button type="button" class="head-button" onclick={search}>
					<Icon name="search" size={19} />
					<span class="sr-only">{say('shell-search-everything')}</span>
				</button>
				<button type="button" class="head-button" onclick={() => (settingsOpen = true)}>
					<span class="hidden text-sm 2xl:inline">{summary}</span>
					<Icon name="settings" size={18} />
					<span class="sr-only 2xl:hidden">{say('shell-settings-now', { summary })}</span>
				</button>
			{/if}
			<button
				type="button"
				class="head-button"
				onclick={() => (keysOpen = true)}
				aria-label={say('shell-keys')}
			>
				<span class="kbd" aria-hidden="true">?</span>
			</button>
			{#if data.teacher}
				<a
					class="head-button"
					href={resolve('/account')}
					aria-current={page.url.pathname === '/account' ? 'page' : undefined}
				>
					<Icon name="user" size={19} />
					<span class="sr-only">{say('shell-account', { name: data.teacher.name })}</span>
				</a>
			{/if}
		</div>
	</header>
{/if}

<main id="work" tabindex="-1" class="outline-none">
	{#if awake || !page.data.large}
		{@render children()}
	{:else}
		<p class="px-5 py-10 text-lg">{say('shell-large')}</p>
	{/if}
</main>

<Dialog title={say('shell-settings')} bind:open={settingsOpen}>
	{#await import('$lib/ui/SettingsForm.svelte') then { default: SettingsForm }}<SettingsForm />{/await}
</Dialog>
<Dialog title={say('shell-search')} wide bind:open={searchOpen}>
	{#await import('$lib/lesson/LibrarySearch.svelte') then { default: LibrarySearch }}
		<LibrarySearch bind:words bind:field />
	{/await}
</Dialog>
<Dialog title={say('shell-keys')} bind:open={keysOpen}>
	{#await import('$lib/ui/KeySheet.svelte') then { default: KeySheet }}
		<KeySheet onsettings={() => ((keysOpen = false), (settingsOpen = true))} />
	{/await}
</Dialog>
