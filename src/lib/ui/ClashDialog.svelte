<script lang="ts">
	import type { Snippet } from 'svelte';
	import Dialog from './Dialog.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Two pages wrote in one place: somebody chooses now, or looks at the page first and chooses then. */
	let {
		of,
		children
	}: {
		/** which clash it is; `null` while there is none */
		of: string | null;
		children: Snippet;
	} = $props();

	const say = ui(getSettings());
	let aside = $state<string | null>(null);
</script>

{#if of !== null && aside === of}
	<section
		class="my-3 flex flex-wrap items-center gap-x-6 gap-y-2 rounded-2xl border-[1.5px] border-warning px-4 py-2"
		aria-label={say('ui-clash')}
	>
		<p class="min-w-64 flex-1">{say('ui-clash-says')}</p>
		<button type="button" class="btn btn-outline" onclick={() => (aside = null)}
			>{say('ui-clash-choose')}</button
		>
	</section>
{/if}

<Dialog
	title={say('ui-clash')}
	wide
	bind:open={() => of !== null && aside !== of, (open) => !open && (aside = of)}
>
	{@render children()}
</Dialog>
