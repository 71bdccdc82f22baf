<script lang="ts">
	import type { Stage } from './stage.svelte';
	import StagePicture from './StagePicture.svelte';
	import StageWords from './StageWords.svelte';
	import Countdown from './Countdown.svelte';

	/** The second window: the picture and its sentence, with nothing to press. */
	let { stage, texts, now }: { stage: Stage; texts: Readonly<Record<string, string>>; now: number } =
		$props();
</script>

<div class="view" data-theme="evening">
	{#if stage.moment.blank || !stage.now}
		<h1 class="sr-only">Nothing is shown</h1>
	{:else}
		<h1 class="px-10 pt-5 font-serif text-3xl font-medium">{stage.wrongTitle ?? stage.now.part.title}</h1>
		<div class="relative min-h-0 overflow-hidden">
			<StagePicture {stage} {texts} />
			<div class="absolute top-4 right-6"><Countdown {stage} {now} /></div>
		</div>
		<div class="min-h-32 px-10 pt-4 pb-8" aria-live="polite"><StageWords {stage} /></div>
	{/if}
</div>

<style>
	.view {
		container-type: inline-size;
		position: fixed;
		inset: 0;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto;
		background: var(--color-base-200);
		color: var(--color-primary);
	}
</style>
