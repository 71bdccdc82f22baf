<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { timeSaid } from '$lib/locale';
	import { outbox } from '$lib/outbox.svelte';
	import { getSettings } from '$lib/settings.svelte';
	import Icon from './Icon.svelte';

	const settings = getSettings();

	/** Says whether what was done here has reached the server. */
	const signIn = $derived(
		`${resolve('/sign-in')}?to=${encodeURIComponent(page.url.pathname + page.url.search)}`
	);
	const count = $derived(outbox.letters.length);
	const time = $derived(outbox.savedAt && timeSaid(outbox.savedAt, settings.locale));
</script>

<!-- It has a line of its own below the rest of the head where there is little room or much to say. -->
<p
	class={[
		'order-last flex w-full items-center gap-x-2 py-1 text-sm empty:hidden [&>svg]:shrink-0',
		outbox.state !== 'refused' && 'lg:order-none lg:w-auto lg:flex-1 lg:justify-end'
	]}
	role="status"
	data-save={outbox.state}
>
	{#if outbox.state === 'sending'}
		<Icon name="loader-circle" size={17} class="motion-safe:animate-spin" /> Saving
	{:else if outbox.state === 'away'}
		<Icon name="cloud-off" size={17} />
		<span>Server away. {count} {count === 1 ? 'change' : 'changes'} kept here</span>
		<button type="button" class="min-h-8 shrink-0 font-semibold underline" onclick={() => outbox.send()}
			>Try now</button
		>
	{:else if outbox.state === 'out'}
		<Icon name="circle-alert" size={17} />
		<span>Signed out. {count} {count === 1 ? 'change' : 'changes'} kept here</span>
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved above -->
		<a class="min-h-8 shrink-0 content-center font-semibold underline" href={signIn} data-sveltekit-reload
			>Sign in</a
		>
	{:else if outbox.state === 'refused'}
		<Icon name="circle-alert" size={17} class="text-error" />
		<span class="text-error">{outbox.refusal?.message}</span>
		<button
			type="button"
			class="min-h-8 shrink-0 font-semibold underline"
			onclick={() => outbox.discardRefused()}
		>
			Give that change up
		</button>
	{:else if time}
		<Icon name="check" size={17} /> <span class="whitespace-nowrap">Saved {time}</span>
	{/if}
</p>
