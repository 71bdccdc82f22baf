<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { pastedAs } from '$core/formats/pasted';
	import { readName } from '$core/naming/read';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import LessonGlimpse from '$lib/lesson/LessonGlimpse.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import RecipeForm from '$lib/swatch/RecipeForm.svelte';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';
	import { workingOf } from '$core/fabric/fabric';
	import { readPattern } from '$core/pattern/pattern';
	import { generate, USUAL_RECIPE, type MotifKind } from '$core/swatch/generate';
	import { keepKeyAndGo, makeSwatchAndGo } from '$lib/client/pasted';
	import { getSettings } from '$lib/client/settings.svelte';
	import { openSample } from '$lib/lesson/sample';

	/** Three roads into the work, and what comes out at the end: for who is here for the first time. */
	const settings = getSettings();
	let pasted = $state('');
	let name = $state('');
	let making = $state(false);
	let motif = $state<MotifKind>('plait');
	const MOTIFS: readonly { motif: MotifKind; says: string }[] = [
		{ motif: 'rope', says: 'A rope' },
		{ motif: 'plait', says: 'A plait' },
		{ motif: 'ring', says: 'Rings' },
		{ motif: 'honeycomb', says: 'Honeycomb' }
	];
	let trouble = $state<string | null>(null);
	let busy = $state(false);

	const crossing = (() => {
		const answer = readName('2/2 RC');
		if (!answer.ok) throw new Error(answer.error.message);
		return answer.value.readings[0].crossing;
	})();
	const comb = (() => {
		const rows = generate({
			...USUAL_RECIPE,
			motif: 'honeycomb',
			times: 2,
			repeats: 2,
			spacing: 2,
			edge: 0,
			border: 0,
			beside: 1
		});
		const working = rows.ok ? workingOf(readPattern(rows.value)) : rows;
		return working.ok ? working.value : null;
	})();

	/** What was pasted goes where it belongs: a key to the key desk, rows to a swatch, a name to the Bench. */
	async function takePasted() {
		trouble = null;
		const text = pasted.trim();
		if (text === '')
			return void (trouble = 'Paste the list of names from a pattern, or its rows, into the field first.');
		const { kind } = pastedAs(text);
		if (kind === 'key') return keepKeyAndGo(text);
		if (kind === 'name') return toBench(text);
		trouble = await makeSwatchAndGo(text, 'Pasted rows', 'pasted');
	}

	const toBench = (text: string) => goto(resolve(`/?name=${encodeURIComponent(text)}`));

	async function sample() {
		busy = true;
		trouble = await openSample();
		busy = false;
	}

	function done() {
		settings.change({ firstSteps: false });
		void toBench('2/2 RC');
	}
</script>

<svelte:head><title>First steps · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-6xl px-4 pt-6 sm:px-7 sm:pt-8">
	<div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-4">
		<div>
			<h1 class="text-4xl">Three ways in</h1>
			<p class="mt-1 text-lg">
				Begin with what you have in your hands. Each leads to a lesson and its sheet.
			</p>
		</div>
		<button type="button" class="btn btn-outline" disabled={busy} onclick={sample}
			>Open the sample lesson</button
		>
	</div>
	<p role="alert" class="mt-3 font-semibold text-error empty:hidden">{trouble ?? ''}</p>

	<div class="mt-7 grid gap-x-8 gap-y-10 lg:grid-cols-3">
		<section class="road" aria-labelledby="road-key">
			<div class="picture paper" aria-hidden="true">
				<p><b>C4F</b> sl next 2 sts to cn and hold in front, k2, k2 from cn</p>
				<p><b>T3B</b> sl next 1 st to cn and hold in back, k2, p1 from cn</p>
				<span><ClothPicture {crossing} numbers={false} alt="The cloth it makes" /></span>
			</div>
			<h2 id="road-key" class="text-2xl">Paste a key or a pattern</h2>
			<p>Each name is checked against what its own words make; rows are worked from cast-on to last.</p>
			<form
				class="grid content-start gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					void takePasted();
				}}
			>
				<label class="grid gap-1">
					<span class="text-quiet">The list of names, or the rows</span>
					<textarea
						class="textarea min-h-28 font-mono"
						bind:value={pasted}
						maxlength="200000"
						spellcheck="false"></textarea>
				</label>
				<button class="btn btn-primary">Read it</button>
			</form>
		</section>

		<section class="road" aria-labelledby="road-name">
			<div class="picture">
				<StillRail {crossing} voice={settings.value} alt="Four stitches of 2/2 RC on the needle" />
			</div>
			<h2 id="road-name" class="text-2xl">Type the name of a cross</h2>
			<p>See which stitch goes where, every way to make it, and each step on the needles.</p>
			<form
				class="grid content-start gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					void toBench(name.trim() || '2/2 RC');
				}}
			>
				<label class="grid gap-1">
					<span class="text-quiet">As your pattern has it</span>
					<input
						class="input font-serif text-xl"
						bind:value={name}
						maxlength="2000"
						placeholder="2/2 RC"
						autocomplete="off"
						autocapitalize="off"
						spellcheck="false"
					/>
				</label>
				<button class="btn btn-outline">Show it on the needles</button>
			</form>
		</section>

		<section class="road" aria-labelledby="road-motif">
			<div class="picture">
				{#if comb}<SwatchPicture working={comb} hands={settings.value} rows={9} fit="fill" />{/if}
			</div>
			<h2 id="road-motif" class="text-2xl">Have a swatch written</h2>
			<p>Choose a rope, a plait or a ring; its rows are written for you, with edge and ground.</p>
			<div class="grid grid-cols-2 content-start gap-3">
				{#each MOTIFS as { motif: kind, says } (kind)}
					<button type="button" class="btn btn-outline" onclick={() => ((motif = kind), (making = true))}
						>{says}</button
					>
				{/each}
			</div>
		</section>
	</div>

	<section
		class="mt-12 grid items-center gap-x-10 gap-y-5 border-t border-hairline pt-9 md:grid-cols-[1fr_1.5fr]"
	>
		<div>
			<h2 class="text-3xl">What comes out</h2>
			<p class="mt-2 text-lg">
				A lesson on a clock, a stage to teach it from, and a sheet that learners carry home. Print
				<a class="underline underline-offset-3" href={resolve('/account/codes')}>recovery codes</a> as well, for
				the day a password is forgotten.
			</p>
			<p class="mt-5">
				<button type="button" class="btn" onclick={done}>I know my way: hide this page</button>
			</p>
		</div>
		<LessonGlimpse {crossing} voice={settings.value} />
	</section>
</div>
<PondEdge />

<Dialog title="Make a swatch from a motif" wide bind:open={making}>
	<RecipeForm
		press="Make the swatch"
		{motif}
		onmake={async (text, title) => {
			making = false;
			trouble = await makeSwatchAndGo(text, title, 'made from a motif');
		}}
	/>
</Dialog>

<style>
	.road {
		display: grid;
		grid-template-rows: 10.5rem auto auto 1fr;
		align-content: start;
		gap: 0.7rem;
	}
	.picture {
		overflow: hidden;
		border-radius: 1rem;
		background: var(--color-base-100);
	}
	.paper {
		position: relative;
		padding: 1.1rem 7.5rem 0 1.3rem;
		font-family: var(--font-mono);
		font-size: 0.9375rem;
		line-height: 1.45;
	}
	.paper p + p {
		margin-top: 0.5rem;
	}
	.paper span {
		position: absolute;
		right: 0.8rem;
		bottom: 0.6rem;
		width: 6.4rem;
	}
</style>
