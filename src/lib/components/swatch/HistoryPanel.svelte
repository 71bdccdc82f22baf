<script lang="ts">
	import { onMount } from 'svelte';
	import type { Swatch } from '$core/swatch/schema';
	import { fetched } from '$lib/fetched';
	import { momentSaid } from '$lib/words';
	import type { OpenSwatch } from '$lib/swatch/open.svelte';
	import { versionsAt, type VersionLine } from '$lib/swatch/wire';

	/** Who changed what and when; any version can be looked at and brought back. */
	let { open }: { open: OpenSwatch } = $props();

	let versions = $state.raw<readonly VersionLine[] | null>(null);
	let looked = $state.raw<{ id: string; swatch: Swatch } | null>(null);
	let wrong = $state<string | null>(null);

	async function load() {
		const answer = await fetched<{ versions: VersionLine[] }>(versionsAt(open.id));
		wrong = answer.ok ? null : answer.error.message;
		if (answer.ok) versions = answer.value.versions;
	}
	onMount(() => void load());

	async function look(id: string) {
		if (looked?.id === id) return void (looked = null);
		const answer = await fetched<{ swatch: Swatch }>(`${versionsAt(open.id)}/${id}`);
		wrong = answer.ok ? null : answer.error.message;
		if (answer.ok) looked = { id, swatch: answer.value.swatch };
	}

	function restore({ swatch }: { swatch: Swatch }) {
		const { text, ...rest } = swatch;
		open.change(rest, 'an earlier version brought back');
		open.edit([{ from: 0, to: open.text.length, insert: text }], 'an earlier version brought back');
		looked = null;
	}

	/** lines that this version has and the present rows have not, and the other way round */
	const differs = $derived.by(() => {
		if (!looked) return null;
		const [then, now] = [looked.swatch.text, open.text].map((text) => text.split('\n'));
		return {
			gone: then.filter((line) => !now.includes(line)),
			come: now.filter((line) => !then.includes(line))
		};
	});
</script>

<div class="grid gap-3">
	<div class="flex items-center justify-between gap-3">
		<h2 class="text-xl">History</h2>
		<button type="button" class="press press-quiet" onclick={load}>Look again</button>
	</div>
	<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
	{#if versions}
		<ul class="divide-y divide-hairline">
			{#each versions as version (version.id)}
				<li class="py-2.5">
					<button
						type="button"
						class="w-full rounded-lg text-left hover:underline"
						aria-expanded={looked?.id === version.id}
						onclick={() => look(version.id)}
					>
						<span class="font-semibold">{version.said[0].toUpperCase()}{version.said.slice(1)}</span>
						<span class="block text-sm text-quiet"
							>{momentSaid(version.madeAt)}, {version.who}{version.version === null
								? ' · put together with another'
								: ` · version ${version.version}`}</span
						>
					</button>
					{#if looked?.id === version.id && differs}
						<div class="mt-2 grid gap-2 rounded-xl border border-hairline p-3">
							{#if differs.gone.length === 0 && differs.come.length === 0}
								<p>The rows are the same as now.</p>
							{/if}
							{#if differs.gone.length > 0}
								<div>
									<p class="text-sm text-quiet">It said</p>
									<pre class="font-mono whitespace-pre-wrap">{differs.gone.join('\n')}</pre>
								</div>
							{/if}
							{#if differs.come.length > 0}
								<div>
									<p class="text-sm text-quiet">Now it says</p>
									<pre class="font-mono whitespace-pre-wrap">{differs.come.join('\n')}</pre>
								</div>
							{/if}
							<div>
								<button type="button" class="press" onclick={() => looked && restore(looked)}
									>Bring it back</button
								>
							</div>
						</div>
					{/if}
				</li>
			{/each}
		</ul>
	{:else if !wrong}
		<p>Looking …</p>
	{/if}
</div>
