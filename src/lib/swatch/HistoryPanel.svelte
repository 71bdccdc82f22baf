<script lang="ts">
	import { mapResult } from '$core/result';
	import type { Swatch } from '$core/swatch/schema';
	import { getJson } from '$lib/client/requests';
	import type { OpenSwatch } from './openSwatch.svelte';
	import { earlierSwatchShape, swatchHistoryShape, versionAt, versionsAt } from '$lib/wire/swatch';
	import { momentSaid } from '$lib/ui/locale';
	import Versions from '$lib/ui/Versions.svelte';
	import SwatchDifferences from './SwatchDifferences.svelte';
	import { getSettings } from '$lib/client/settings.svelte';

	/** Who changed what and when; any version can be looked at and brought back. */
	let { open }: { open: OpenSwatch } = $props();
	const settings = getSettings();

	let versions = $state<{ again: () => Promise<void> }>();

	const load = async () =>
		mapResult(await getJson(versionsAt(open.id), swatchHistoryShape), ({ versions }) =>
			versions.map(({ id, said, madeAt, who, version }) => ({
				id,
				said,
				note: `${momentSaid(madeAt, settings.locale)}, ${who} · ${version === null ? 'put together with another' : `version ${version}`}`
			}))
		);
	const look = async (id: string) =>
		mapResult(await getJson(versionAt(open.id, id), earlierSwatchShape), ({ swatch }) => swatch);

	function restore({ text, ...rest }: Swatch) {
		open.change(rest, 'an earlier version brought back');
		open.edit([{ from: 0, to: open.text.length, insert: text }], 'an earlier version brought back');
	}
</script>

<div class="grid gap-3">
	<div class="flex items-center justify-between gap-3">
		<h2 class="text-xl">History</h2>
		<button type="button" class="btn" onclick={() => versions?.again()}>Look again</button>
	</div>
	<Versions bind:this={versions} {load} {look}>
		{#snippet shown(swatch)}
			<SwatchDifferences of={swatch} and={open.swatch} said={['It said', 'Now it says']} />
			<div>
				<button type="button" class="btn btn-outline" onclick={() => restore(swatch)}>Bring it back</button>
			</div>
		{/snippet}
	</Versions>
</div>
