<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { newSwatch, type Swatch } from '$core/swatch/schema';
	import Dialog from '$lib/ui/Dialog.svelte';
	import ShelfActions from '$lib/ui/ShelfActions.svelte';
	import Shelves from '$lib/ui/Shelves.svelte';
	import MoreLink from '$lib/ui/MoreLink.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import RecipeForm from './RecipeForm.svelte';
	import SwatchEntry from './SwatchEntry.svelte';
	import { textOf } from '$lib/ui/fileText';
	import { newId } from '$lib/client/id';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { postJson } from '$lib/client/requests';
	import { Shelf } from '$lib/client/shelf.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import { SWATCHES, versionsAt, type SwatchesPage } from '$lib/wire/swatch';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** The teacher's swatches, and how one is begun. */
	let { data }: { data: SwatchesPage } = $props();

	const say = ui(getSettings());

	const shelf = new Shelf(SWATCHES);
	let making = $state(false);

	const EMPTY = 'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\n';

	const SAMPLE =
		'Cast on 12.\nRow 1 (RS): p4, k4, p4.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p4, 2/2 RC, p4.\nRow 5 (RS): p4, k4, p4.\nRow 6: as they face.\nRep rows 3-6 three times.\nBind off.\n';

	async function make(swatch: Swatch, said: string) {
		const id = newId();
		shelf.trouble = await postJson(versionsAt(id), { id: newId(), base: null, swatch, said });
		if (!shelf.trouble) await goto(resolve('/swatches/[id]', { id }));
	}

	async function bringIn(file: File) {
		const { swatchFrom } = await import('./files');
		const text = await textOf(file, say);
		const swatch = text.ok ? swatchFrom(file.name, text.value) : text;
		if (!swatch.ok) return void (shelf.trouble = swatch.error.message);
		await make(swatch.value, `brought in ${file.name}`.slice(0, 200));
	}

	const away = $derived(data.away);

	useKeys([
		{ key: 'm', cap: 'M', says: 'make a swatch from a motif', run: () => (making = true) },
		{
			key: 'n',
			cap: 'N',
			says: 'begin with empty rows',
			run: () => make(newSwatch('A new swatch', EMPTY), 'begun')
		}
	]);
</script>

<svelte:head><title>Swatches · Pond Loop</title></svelte:head>

<div class="mx-auto min-h-[60dvh] max-w-5xl px-4 pt-8 sm:px-7">
	<div class="flex flex-wrap items-end justify-between gap-4 border-b border-hairline pb-6">
		<div>
			<h1 class="text-4xl">Swatches</h1>
			<p class="mt-1 text-lg text-quiet">Rows, the cloth they make, and where you are in it.</p>
		</div>
		<div class="flex flex-wrap gap-3">
			<FileField
				label="Bring in a file"
				accept=".txt,.md,.json,.csv,text/plain,text/csv,application/json"
				onfile={bringIn}
			/>
			<button
				type="button"
				class="btn btn-outline"
				onclick={() => make(newSwatch('A new swatch', EMPTY), 'begun')}
			>
				Begin with rows <kbd class="kbd hidden sm:inline-block">N</kbd>
			</button>
			<button type="button" class="btn btn-primary" onclick={() => (making = true)}>
				Make from a motif <kbd class="kbd hidden sm:inline-block">M</kbd>
			</button>
		</div>
		{#if shelf.trouble}<p class="w-full font-semibold text-error" role="alert">{shelf.trouble}</p>{/if}
	</div>

	<div class="mt-4"><Shelves base={resolve('/swatches')} {away} here={!away} /></div>

	{#if data.swatches.length === 0 && away}
		<p class="py-12 text-lg">
			Nothing is put away. What you put away from the shelf waits here until you delete it.
		</p>
	{:else if data.swatches.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">No swatch yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Choose a motif, a rope or a plait or a ring, and its rows are written for you, from cast-on to the
				last. Or paste rows you have, and see what they make.
			</p>
			<p class="mt-5 flex flex-wrap gap-3">
				<button type="button" class="btn btn-outline" onclick={() => (making = true)}>Choose a motif</button>
				<button type="button" class="btn" onclick={() => make(newSwatch('First rope', SAMPLE), 'a sample')}
					>Open a sample rope</button
				>
				<a class="btn" href={resolve('/start')}>Paste rows</a>
			</p>
		</div>
	{:else}
		<ul class="grid gap-x-8 gap-y-2 sm:grid-cols-2">
			{#each data.swatches as swatch (swatch.id)}
				<SwatchEntry {swatch} href={away ? undefined : resolve('/swatches/[id]', { id: swatch.id })}>
					<ShelfActions
						title={swatch.title}
						{away}
						onput={(to) => shelf.put(swatch, to)}
						ondelete={() => shelf.destroy(swatch)}
					/>
				</SwatchEntry>
			{/each}
		</ul>
		<MoreLink href={data.more} of="swatches" />
	{/if}
</div>

<PondEdge />

<Dialog title="Make a swatch from a motif" wide bind:open={making}>
	<RecipeForm
		press="Make the swatch"
		onmake={(text, title) => make(newSwatch(title, text), 'made from a motif')}
	/>
</Dialog>

{#if shelf.removed}
	<UndoBar
		said="“{shelf.removed.title}” is put away."
		onundo={() => shelf.back()}
		onclose={() => (shelf.removed = null)}
	/>
{/if}
