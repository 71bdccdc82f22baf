<script lang="ts" generics="Version">
	import { onMount, type Snippet } from 'svelte';
	import type { Result } from '$core/result';
	import type { VersionLine } from '$lib/wire/shapes';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** What was done to a document and when, latest first; any version can be looked at. */
	let {
		load,
		look,
		shown
	}: {
		load: () => Promise<Result<readonly VersionLine[]>>;
		look: (id: string) => Promise<Result<Version>>;
		/** a version that is looked at */
		shown: Snippet<[Version]>;
	} = $props();

	const say = ui(getSettings());
	let lines = $state.raw<readonly VersionLine[] | null>(null);
	let looked = $state.raw<{ id: string; version: Version } | null>(null);
	let wrong = $state<string | null>(null);

	export async function again(): Promise<void> {
		looked = null;
		const answer = await load();
		wrong = answer.ok ? null : answer.error.message;
		if (answer.ok) lines = answer.value;
	}
	onMount(() => void again());

	async function press(id: string) {
		if (looked?.id === id) return void (looked = null);
		const answer = await look(id);
		wrong = answer.ok ? null : answer.error.message;
		if (answer.ok) looked = { id, version: answer.value };
	}
</script>

<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
{#if lines}
	<ul class="divide-y divide-hairline">
		{#each lines as { id, said, note } (id)}
			<li class="py-1.5">
				<button
					type="button"
					class="min-h-11 w-full rounded-lg py-1 text-left hover:underline"
					aria-expanded={looked?.id === id}
					onclick={() => press(id)}
				>
					<span class="font-semibold">{said[0].toUpperCase()}{said.slice(1)}</span>
					<span class="block text-sm text-quiet">{note}</span>
				</button>
				{#if looked?.id === id}
					<div class="mt-1 grid gap-3 rounded-xl border border-hairline p-4">
						{@render shown(looked.version)}
					</div>
				{/if}
			</li>
		{/each}
	</ul>
{:else if !wrong}
	<p>{say('ui-loading')}</p>
{/if}
