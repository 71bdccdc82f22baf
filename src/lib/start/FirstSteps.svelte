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
	import { start } from '$lib/words/start';

	/** Three roads into the work, and what comes out at the end: for who is here for the first time. */
	const settings = getSettings();
	const say = start(settings);
	let pasted = $state('');
	let name = $state('');
	let making = $state(false);
	let motif = $state<MotifKind>('plait');
	const MOTIFS = ['rope', 'plait', 'ring', 'honeycomb'] as const;
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
		if (text === '') return void (trouble = say('start-paste-first'));
		const { kind } = pastedAs(text);
		if (kind === 'key') return keepKeyAndGo(text);
		if (kind === 'name') return toBench(text);
		trouble = await makeSwatchAndGo(text, say('start-pasted-title'), say('start-pasted'));
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

<svelte:head><title>{say('start-title')} · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-6xl px-4 pt-6 sm:px-7 sm:pt-8">
	<div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-4">
		<div>
			<h1 class="text-4xl">{say('start-head')}</h1>
			<p class="mt-1 text-lg">{say('start-lead')}</p>
		</div>
		<button type="button" class="btn btn-outline" disabled={busy} onclick={sample}
			>{say('start-sample')}</button
		>
	</div>
	<p role="alert" class="mt-3 font-semibold text-error empty:hidden">{trouble ?? ''}</p>

	<div class="mt-7 grid gap-x-8 gap-y-10 lg:grid-cols-3">
		<section class="road" aria-labelledby="road-key">
			<div class="picture paper" aria-hidden="true">
				<p><b>C4F</b> <code>sl next 2 sts to cn and hold in front, k2, k2 from cn</code></p>
				<p><b>T3B</b> <code>sl next 1 st to cn and hold in back, k2, p1 from cn</code></p>
				<span><ClothPicture {crossing} numbers={false} alt="" /></span>
			</div>
			<h2 id="road-key" class="text-2xl">{say('start-paste')}</h2>
			<p>{say('start-paste-lead')}</p>
			<form
				class="grid content-start gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					void takePasted();
				}}
			>
				<label class="grid gap-1">
					<span class="text-quiet">{say('start-paste-field')}</span>
					<textarea
						class="textarea min-h-28 font-mono"
						bind:value={pasted}
						maxlength="200000"
						spellcheck="false"></textarea>
				</label>
				<button class="btn btn-primary">{say('start-paste-do')}</button>
			</form>
		</section>

		<section class="road" aria-labelledby="road-name">
			<div class="picture">
				<StillRail {crossing} voice={settings.value} alt={say('start-needles')} />
			</div>
			<h2 id="road-name" class="text-2xl">{say('start-name')}</h2>
			<p>{say('start-name-lead')}</p>
			<form
				class="grid content-start gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					void toBench(name.trim() || '2/2 RC');
				}}
			>
				<label class="grid gap-1">
					<span class="text-quiet">{say('start-name-field')}</span>
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
				<button class="btn btn-outline">{say('start-name-do')}</button>
			</form>
		</section>

		<section class="road" aria-labelledby="road-motif">
			<div class="picture">
				{#if comb}<SwatchPicture working={comb} hands={settings.value} rows={9} fit="fill" />{/if}
			</div>
			<h2 id="road-motif" class="text-2xl">{say('start-motif')}</h2>
			<p>{say('start-motif-lead')}</p>
			<div class="grid grid-cols-2 content-start gap-3">
				{#each MOTIFS as kind (kind)}
					<button type="button" class="btn btn-outline" onclick={() => ((motif = kind), (making = true))}
						>{say(`start-motif-${kind}`)}</button
					>
				{/each}
			</div>
		</section>
	</div>

	<section
		class="mt-12 grid items-center gap-x-10 gap-y-5 border-t border-hairline pt-9 md:grid-cols-[1fr_1.5fr]"
	>
		<div>
			<h2 class="text-3xl">{say('start-get')}</h2>
			<p class="mt-2 text-lg">
				{say('start-get-lead')}
				<a class="underline underline-offset-3" href={resolve('/account/codes')}>{say('start-codes')}</a>
				{say('start-codes-why')}
			</p>
			<p class="mt-5">
				<button type="button" class="btn" onclick={done}>{say('start-hide')}</button>
			</p>
		</div>
		<LessonGlimpse {crossing} voice={settings.value} />
	</section>
</div>
<PondEdge />

<Dialog title={say('start-motif-dialog')} wide bind:open={making}>
	<RecipeForm
		press={say('start-motif-do')}
		{motif}
		onmake={async (text, title) => {
			making = false;
			trouble = await makeSwatchAndGo(text, title, say('start-made'));
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
