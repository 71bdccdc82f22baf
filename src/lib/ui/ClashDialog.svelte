<script lang="ts">
	import type { Snippet } from 'svelte';
	import Dialog from './Dialog.svelte';

	/** Two pages wrote in one place: somebody chooses now, or looks at the page first and chooses then. */
	let {
		of,
		children
	}: {
		/** which clash it is; `null` while there is none */
		of: string | null;
		children: Snippet;
	} = $props();

	let aside = $state<string | null>(null);
</script>

{#if of !== null && aside === of}
	<section
		class="my-3 flex flex-wrap items-center gap-x-6 gap-y-2 rounded-2xl border-[1.5px] border-warning px-4 py-2"
		aria-label="Two pages wrote here"
	>
		<p class="min-w-64 flex-1">
			Another page wrote in the same place. What you write is kept here until you choose which stands.
		</p>
		<button type="button" class="btn btn-outline" onclick={() => (aside = null)}>Choose</button>
	</section>
{/if}

<Dialog
	title="Two pages wrote here"
	wide
	bind:open={() => of !== null && aside !== of, (open) => !open && (aside = of)}
>
	{@render children()}
</Dialog>
