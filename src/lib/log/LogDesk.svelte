<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import { aboutOf } from '$core/measures/about';
	import { newId } from '$lib/client/id';
	import { readAnew } from '$lib/client/reading';
	import { getJson, postJson } from '$lib/client/requests';
	import { Shelf } from '$lib/client/shelf.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import MoreLink from '$lib/ui/MoreLink.svelte';
	import NameForm from '$lib/ui/NameForm.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import ShelfActions from '$lib/ui/ShelfActions.svelte';
	import Shelves from '$lib/ui/Shelves.svelte';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import { textOf } from '$lib/ui/fileText';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { save } from '$lib/ui/save';
	import { PIECES, allPiecesShape, pieceOf, type KeptPiece, type LogPage } from '$lib/wire/log';
	import { swatchAt, swatchHeadShape } from '$lib/wire/swatch';
	import { newPiece } from './begin';
	import Learned from './Learned.svelte';
	import PieceEntry from './PieceEntry.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';
	import { shell } from '$lib/words/shell';

	/** The pieces that were knitted and measured, how one is begun, and what all of them teach. */
	let { data }: { data: LogPage } = $props();

	const place = shell(getSettings());

	const say = ui(getSettings());

	const shelf = new Shelf(PIECES);
	let field = $state<HTMLInputElement>();
	/** the swatch it is knitted from; an address may name one */
	let swatch = $state(
		untrack(() => data.swatches.find(({ id }) => id === page.url.searchParams.get('swatch'))?.id ?? '')
	);
	let cameIn = $state<string | null>(null);

	async function begin(title: string) {
		shelf.trouble = null;
		let [rows, named] = ['', title];
		if (swatch) {
			const head = await getJson(swatchAt(swatch), swatchHeadShape);
			if (!head.ok) return void (shelf.trouble = head.error.message);
			rows = head.value.swatch.text;
			named ||= head.value.swatch.title;
		}
		const pieceId = newId();
		const about = newPiece(named || 'A new piece', rows, data.pieces.at(0)?.about);
		shelf.trouble = await postJson(PIECES, { pieceId, about, measured: [] });
		if (!shelf.trouble) await goto(resolve(`/measurements/${pieceId}?measure`));
	}

	async function bringIn(file: File) {
		cameIn = null;
		const text = await textOf(file, say);
		if (!text.ok) return void (shelf.trouble = text.error.message);
		const { piecesFrom } = await import('./csv');
		const pieces = piecesFrom(text.value);
		if (!pieces.ok) return void (shelf.trouble = pieces.error.message);
		for (const [n, piece] of pieces.value.entries()) {
			const about = aboutOf(piece);
			const body = {
				pieceId: newId(),
				about,
				measured: piece.measured.map((record) => ({ id: newId(), record }))
			};
			shelf.trouble = await postJson(PIECES, body);
			if (shelf.trouble) return void (shelf.trouble = `Piece ${n + 1}, “${about.title}”: ${shelf.trouble}`);
		}
		cameIn = `${pieces.value.length === 1 ? 'One piece' : `${pieces.value.length} pieces`} came in.`;
		await readAnew();
	}

	async function takeTable() {
		const answer = await getJson(PIECES, allPiecesShape);
		if (!answer.ok) return void (shelf.trouble = answer.error.message);
		const { piecesCsv } = await import('./csv');
		save(piecesCsv(answer.value.pieces.map(pieceOf)), 'log.csv', 'text/csv;charset=utf-8');
	}

	const named = ({ id, about }: KeptPiece) => ({ id, title: about.title });
	useKeys([{ key: 'n', cap: 'N', says: 'begin a piece', run: () => field?.focus() }]);
</script>

<svelte:head><title>{place('shell-measurements')} · Pond Loop</title></svelte:head>

<div class="mx-auto min-h-[60dvh] max-w-5xl px-4 pt-8 sm:px-7">
	<h1 class="text-4xl">{place('shell-measurements')}</h1>
	<p class="mt-1 text-lg text-quiet">What you knit, measured as it lives; and what that says of the next.</p>
	{#if !data.learned}
		<NameForm
			main
			label="A new piece, called"
			placeholder="Strip with one rope, reed wool"
			trouble={shelf.trouble}
			onmake={begin}
			bind:field
		>
			<Choices
				label="Knitted from"
				value={swatch}
				choices={[
					{ value: '', label: 'no swatch' },
					...data.swatches.map(({ id, title }) => ({ value: id, label: title }))
				]}
				onchoose={(id) => (swatch = id)}
			/>
		</NameForm>
	{/if}
	<div class="mt-3 flex flex-wrap items-center justify-between gap-3">
		<Shelves base={resolve('/measurements')} away={data.away} here={!data.away && !data.learned}>
			<a
				class="shelf"
				href={resolve('/measurements?shelf=learned')}
				aria-current={data.learned ? 'page' : undefined}>What they teach</a
			>
		</Shelves>
		<div class="flex flex-wrap gap-2">
			<FileField label="Bring in a table" accept=".csv,.json,text/csv,application/json" onfile={bringIn} />
			<button type="button" class="btn" onclick={takeTable}>Take it as a table</button>
		</div>
	</div>
	<p role="status" class="font-semibold empty:hidden">{cameIn ?? ''}</p>

	{#if data.learned}
		<Learned />
	{:else if data.pieces.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">{data.away ? 'Nothing is put away' : 'No piece yet'}</h2>
			<p class="mt-2 max-w-prose text-lg">
				{data.away
					? 'What you put away from the shelf waits here until you delete it.'
					: 'Name what is on your needles and lay a tape against it: on the needle, bound off, wet, pinned out, dry, worn. Two pieces are enough to plan the next one by your own hands.'}
			</p>
		</div>
	{:else}
		<ul class="grid gap-x-8 gap-y-2 sm:grid-cols-2" aria-label="Pieces">
			{#each data.pieces as piece (piece.id)}
				<PieceEntry {piece} href={data.away ? undefined : resolve('/measurements/[id]', { id: piece.id })}>
					{#if !data.away}
						<a class="btn btn-outline" href={resolve(`/measurements/${piece.id}?measure`)}
							>Measure<span class="sr-only"> “{piece.about.title}”</span></a
						>
					{/if}
					<ShelfActions
						title={piece.about.title}
						away={data.away}
						onput={(to) => shelf.put(named(piece), to)}
						ondelete={() => shelf.destroy(named(piece))}
					/>
				</PieceEntry>
			{/each}
		</ul>
		<MoreLink href={data.more} of="pieces" />
	{/if}
</div>
<PondEdge />

{#if shelf.removed}
	<UndoBar
		said="“{shelf.removed.title}” is put away."
		onundo={() => shelf.back()}
		onclose={() => (shelf.removed = null)}
	/>
{/if}
