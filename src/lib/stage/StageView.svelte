<script lang="ts">
	import type { Stage } from './stage.svelte';
	import StagePicture from './StagePicture.svelte';
	import StageWords from './StageWords.svelte';
	import Countdown from './Countdown.svelte';
	import type { PhonesShown } from './windows';

	/** The second window: the picture and its sentence, with nothing to press. */
	let {
		stage,
		texts,
		now,
		phones
	}: {
		stage: Stage;
		texts: Readonly<Record<string, string>>;
		now: number;
		phones: PhonesShown | null;
	} = $props();
</script>

<div class="view" class:beside={phones?.asksIn} data-theme="evening">
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

{#if phones?.asksIn}
	{#await import('$lib/ui/SquareCode.svelte') then { default: SquareCode }}
		<aside class="asks-in" aria-label="Follow on your phone" data-theme="evening">
			<SquareCode text={phones.address} alt="Square code of {phones.address}" />
			<div class="min-w-0">
				<p class="text-xl max-sm:text-base">Follow on your phone</p>
				<p class="font-mono text-[2.6rem] leading-tight font-semibold">{phones.code}</p>
				<p class="break-all">{phones.address}</p>
			</div>
		</aside>
	{/await}
{/if}

<style>
	.asks-in {
		position: fixed;
		inset: 0 0 0 auto;
		width: var(--aside);
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		align-content: start;
		gap: 0.75rem;
		padding: 1.5rem;
		border-left: 1px solid var(--color-hairline);
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	.asks-in,
	.view {
		--aside: min(20rem, 45vw);
		/* on a narrow window, below the picture */
		--strip: 10rem;
	}
	.view {
		container-type: inline-size;
		position: fixed;
		inset: 0;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto;
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	.view.beside {
		right: var(--aside);
	}
	@media (width < 40rem) {
		.asks-in {
			inset: auto 0 0;
			width: auto;
			height: var(--strip);
			grid-template-columns: 8rem minmax(0, 1fr);
			gap: 1rem;
			padding: 1rem;
			border-left: 0;
			border-top: 1px solid var(--color-hairline);
		}
		.view.beside {
			right: 0;
			bottom: var(--strip);
		}
	}
</style>
