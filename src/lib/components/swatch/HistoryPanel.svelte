<script lang="ts">
	import { mapped } from '$core/result';
	import { differencesOf } from '$core/swatch/differences';
	import type { Swatch } from '$core/swatch/schema';
	import { fetched } from '$lib/fetched';
	import type { OpenSwatch } from '$lib/swatch/open.svelte';
	import { versionsAt, type VersionLine } from '$lib/swatch/wire';
	import { momentSaid } from '$lib/words';
	import Versions from '../Versions.svelte';

	/** Who changed what and when; any version can be looked at and brought back. */
	let { open }: { open: OpenSwatch } = $props();

	let versions = $state<{ again: () => Promise<void> }>();

	const load = async () =>
		mapped(await fetched<{ versions: VersionLine[] }>(versionsAt(open.id)), ({ versions }) =>
			versions.map(({ id, said, madeAt, who, version }) => ({
				id,
				said,
				note: `${momentSaid(madeAt)}, ${who} · ${version === null ? 'put together with another' : `version ${version}`}`
			}))
		);
	const look = async (id: string) =>
		mapped(await fetched<{ swatch: Swatch }>(`${versionsAt(open.id)}/${id}`), ({ swatch }) => swatch);

	function restore({ text, ...rest }: Swatch) {
		open.change(rest, 'an earlier version brought back');
		open.edit([{ from: 0, to: open.text.length, insert: text }], 'an earlier version brought back');
	}
</script>

<div class="grid gap-3">
	<div class="flex items-center justify-between gap-3">
		<h2 class="text-xl">History</h2>
		<button type="button" class="press press-quiet" onclick={() => versions?.again()}>Look again</button>
	</div>
	<Versions bind:this={versions} {load} {look}>
		{#snippet shown(swatch)}
			{@const { rows, fields } = differencesOf(swatch, open.swatch)}
			{#if fields.length > 0}
				<p>Since then other: {fields.join(', ')}.</p>
			{:else if rows.length === 0}
				<p>Both say the same.</p>
			{/if}
			{#each rows as { then, now }, i (i)}
				<div class="grid gap-2 border-t border-hairline pt-2 first:border-0 first:pt-0">
					{@render lines('It said', then)}
					{@render lines('Now it says', now)}
				</div>
			{/each}
			<div>
				<button type="button" class="press" onclick={() => restore(swatch)}>Bring it back</button>
			</div>
		{/snippet}
	</Versions>
</div>

{#snippet lines(who: string, said: readonly string[])}
	<div>
		<p class="text-sm text-quiet">{who}</p>
		{#if said.length > 0}<pre class="font-mono whitespace-pre-wrap">{said.join('\n')}</pre>{:else}<p>
				(nothing)
			</p>{/if}
	</div>
{/snippet}
