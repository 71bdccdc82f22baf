<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import { EXTENT_SAID, STAGE_SAID } from '$core/measures/stages';
	import { keepHere } from '$lib/client/kept';
	import { localMinute } from '$lib/client/localMinute';
	import { postFile, postJson } from '$lib/client/requests';
	import { newId } from '$lib/client/id';
	import { getSettings } from '$lib/client/settings.svelte';
	import { workedHere } from '$lib/swatch/rows';
	import CountField from '$lib/ui/CountField.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import UndoBar from '$lib/ui/UndoBar.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { daySaid } from '$lib/ui/locale';
	import { fileName, save } from '$lib/ui/save';
	import { PIECES, type KeptMeasured, type KeptPiece } from '$lib/wire/log';
	import { pictureAt, pictureUploadAt } from '$lib/wire/picture';
	import { removedAt } from '$lib/wire/shapes';
	import MeasureForm from './MeasureForm.svelte';
	import { OpenPiece } from './openPiece.svelte';
	import StagesChart from './StagesChart.svelte';
	import YarnFields from './YarnFields.svelte';

	/** One piece of the log: measured as it lives, and what that says. */
	let { kept }: { kept: KeptPiece } = $props();

	const settings = getSettings();
	const open = untrack(() => new OpenPiece(kept));
	$effect(() => open.take(kept));
	onMount(() => {
		void keepHere();
		if (page.url.searchParams.has('measure')) measuring = 'new';
		return open.watch();
	});
	const about = $derived(open.kept.about);
	const said = (mm: number) => lengthSaid(mm, settings.value);

	/** what is measured now: something new, or one that is corrected */
	let measuring = $state<'new' | KeptMeasured | null>(null);
	let takenOut = $state.raw<KeptMeasured | null>(null);
	let trouble = $state<string | null>(null);
	const sheet = {
		get open() {
			return measuring !== null;
		},
		set open(to: boolean) {
			if (!to) measuring = null;
		}
	};

	const counts = $derived.by(() => {
		const worked = workedHere({ text: about.swatch });
		return worked?.ok
			? { stitches: worked.value.fabric.castOn || null, rows: worked.value.steps.length || null }
			: { stitches: null, rows: null };
	});
	const written = $derived([...open.kept.measured].reverse());

	function takeOut(one: KeptMeasured) {
		takenOut = one;
		open.unmeasure(one.id);
	}
	async function photograph(file: File) {
		const id = newId();
		const answer = await postFile(pictureUploadAt(id), file);
		trouble = answer.ok ? null : answer.error.message;
		if (answer.ok) open.say({ picture: id });
	}
	async function putAway() {
		trouble = await postJson(removedAt(PIECES, open.id), { removed: true });
		if (!trouble) await goto(resolve('/measurements'));
	}
	const takeJson = () =>
		save(
			`${JSON.stringify(open.piece, null, '\t')}\n`,
			`${fileName(about.title)}.piece.json`,
			'application/json'
		);
	useKeys([{ key: 'm', cap: 'M', says: 'measure it', run: () => (measuring = 'new') }]);
</script>

<svelte:head><title>{about.title || 'A piece'} · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-6xl px-4 pt-6 pb-16 sm:px-7">
	<a class="inline-block min-h-11 content-center underline underline-offset-4" href={resolve('/measurements')}
		>Back to the log</a
	>
	<h1 class="sr-only">{about.title || 'A piece without a name'}</h1>
	<div class="mt-1 flex flex-wrap items-end justify-between gap-4 border-b border-hairline pb-5">
		<label class="min-w-60 flex-1">
			<span class="sr-only">Name of the piece</span>
			<input
				class="input border-transparent bg-transparent px-0! font-serif text-3xl font-semibold"
				value={about.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => open.say({ title: event.currentTarget.value })}
			/>
		</label>
		<button type="button" class="btn btn-primary" onclick={() => (measuring = 'new')}>
			Measure it <kbd class="kbd hidden sm:inline-block">M</kbd>
		</button>
	</div>
	<p role="alert" class="mt-3 font-semibold text-error empty:hidden">{trouble ?? ''}</p>

	<div class="mt-6 grid gap-10 lg:grid-cols-[minmax(0,1fr)_22rem]">
		<section class="grid content-start gap-6" aria-label="As it lived">
			{#if open.kept.measured.length === 0}
				<div class="py-6">
					<h2 class="text-2xl">Not measured yet</h2>
					<p class="mt-2 max-w-prose text-lg">
						Lay a tape against it on the needle, then bound off, pinned out, dry. What changes between them is
						what the next piece is planned by.
					</p>
				</div>
			{:else}
				<StagesChart piece={open.piece} />
				<div>
					<h2 class="text-lg">Written down</h2>
					<ul class="mt-1 divide-y divide-hairline" aria-label="What was measured">
						{#each written as one (one.id)}
							{@const { record } = one}
							<li class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2.5">
								<span>
									<span class="font-semibold">{STAGE_SAID[record.stage]}, {EXTENT_SAID[record.of]}</span>
									<span class="block tabular-nums">
										{said(record.widthMm)} × {said(record.heightMm)}
										<span class="text-quiet">
											· {record.stitches} stitches, {record.rows} rows{record.grams === undefined
												? ''
												: ` · ${numberSaid(record.grams, settings.locale)} g`}{record.minutes === undefined
												? ''
												: ` · ${record.minutes} min`} · {daySaid(
												`${record.on.slice(0, 10)}T12:00`,
												settings.locale
											)}</span
										>
									</span>
								</span>
								<span class="flex gap-2">
									<button type="button" class="btn" onclick={() => (measuring = one)}
										>Correct<span class="sr-only">
											{STAGE_SAID[record.stage]}, {EXTENT_SAID[record.of]}</span
										></button
									>
									<button type="button" class="btn" onclick={() => takeOut(one)}
										>Take out<span class="sr-only">
											{STAGE_SAID[record.stage]}, {EXTENT_SAID[record.of]}</span
										></button
									>
								</span>
							</li>
						{/each}
					</ul>
				</div>
			{/if}
		</section>

		<section class="grid content-start gap-5" aria-label="What it is">
			{#if about.picture}
				<figure>
					<img
						class="max-h-72 rounded-2xl"
						src={pictureAt(about.picture)}
						alt="{about.title}, photographed"
					/>
					<button type="button" class="btn mt-2" onclick={() => open.say({ picture: null })}
						>Take the photograph away</button
					>
				</figure>
			{/if}
			<div class="flex flex-wrap gap-2">
				<FileField
					label={about.picture ? 'Another photograph' : 'A photograph'}
					accept="image/jpeg,image/png,image/webp"
					onfile={photograph}
				/>
				<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query -->
				<a class="btn btn-outline" href="{resolve('/sizing')}?piece={open.id}">Plan the next one from it</a>
			</div>
			<h2 class="text-lg">What it is</h2>
			<YarnFields yarn={about.yarn} named onset={(yarn) => open.say({ yarn })} />
			<CountField
				label="Needle, mm"
				value={about.needleMm}
				least={0.5}
				most={50}
				places={2}
				wide
				onset={(needleMm) => open.say({ needleMm })}
			/>
			<label class="grid gap-1">
				<span class="text-quiet">Its rows</span>
				<textarea
					class="textarea min-h-32 w-full font-mono text-sm"
					spellcheck="false"
					maxlength="200000"
					value={about.swatch}
					oninput={(event) => open.say({ swatch: event.currentTarget.value })}></textarea>
			</label>
			<div class="flex flex-wrap gap-2">
				<button type="button" class="btn" onclick={takeJson}
					><Icon name="download" size={18} /> Take it as a file</button
				>
				<button type="button" class="btn" onclick={putAway}><Icon name="archive" size={18} /> Put away</button
				>
			</div>
		</section>
	</div>
</div>

<Dialog title={measuring === 'new' ? 'Measure it' : 'Correct it'} bind:open={sheet.open}>
	{#if measuring}
		{@const corrects = measuring === 'new' ? undefined : measuring}
		<MeasureForm
			piece={open.id}
			{corrects}
			before={open.kept.measured.filter(({ id }) => id !== corrects?.id).map(({ record }) => record)}
			{counts}
			today={localMinute(Date.now()).slice(0, 10)}
			onkeep={(record) => {
				open.measure(record, corrects?.id);
				measuring = null;
			}}
		/>
	{/if}
</Dialog>

{#if takenOut}
	<UndoBar
		said="Taken out."
		onundo={() => {
			if (takenOut) open.measure(takenOut.record, takenOut.id);
			takenOut = null;
		}}
		onclose={() => (takenOut = null)}
	/>
{/if}
