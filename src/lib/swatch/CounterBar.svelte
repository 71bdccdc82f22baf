<script lang="ts">
	import { onMount } from 'svelte';
	import { keepAwake } from '$lib/client/awake';
	import { gaugeOf, repeatIn, repeatsTo } from '$core/swatch/measure';
	import { besideSaid, nowSaid, panelsSaid, rowSaid, spoken } from '$core/swatch/said';
	import { lengthSaid } from '$core/hands/voice';
	import { endsUpSaid } from '$core/measures/endsUp';
	import { getSettings } from '$lib/client/settings.svelte';
	import { newId } from '$lib/client/id';
	import type { OpenSwatch } from './openSwatch.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** Row up by one big button, what comes next in one sentence, and how far the next cross is. */
	let {
		open,
		onlost,
		onwrong,
		oncount
	}: {
		open: OpenSwatch;
		onlost: () => void;
		/** a cross that was knitted looks wrong */
		onwrong: () => void;
		/** a row was counted: what is to come next goes along */
		oncount: () => void;
	} = $props();

	const settings = getSettings();
	let aloud = $state(false);
	let setting = $state(false);
	/** on a narrow page, what is rarely pressed is shown */
	let more = $state(false);
	let row = $state(0);
	const now = $derived(open.now);
	const rounds = $derived(open.working?.pattern.rounds ?? false);
	const counters = $derived(open.card.counters);
	/** repeats that the wished length asks for after this one */
	const left = $derived.by(() => {
		const { working, card } = open;
		if (!working?.fabric.open || !card.wishedMm || !now?.repeats) return null;
		const { repeatRows, otherRows } = repeatIn(working);
		const { rows } = repeatsTo(card.wishedMm, repeatRows, otherRows, gaugeOf(card));
		return Math.max(0, Math.ceil((rows - open.done) / repeatRows) - 1);
	});

	/** where the rows end up at the gauge there is, against the length that was planned */
	const endsUp = $derived.by(() => {
		const { working, card } = open;
		if (!working || working.fabric.open || !card.wishedMm) return null;
		const { repeatRows } = repeatIn(working);
		const planned = { rows: working.steps.length, repeatRows, wishedMm: card.wishedMm };
		return endsUpSaid(planned, gaugeOf(card), (mm) => lengthSaid(mm, settings.value));
	});
	/** the words of the row that is next */
	const words = $derived(now?.step != null && open.working ? rowSaid(open.working.steps[now.step]) : '');

	// Whoever counts has wool in both hands.
	let sleep: (() => void) | undefined;
	onMount(() => () => sleep?.());

	export function count(by: 1 | -1) {
		open.count(by);
		oncount();
		sleep ??= keepAwake();
		if (aloud && open.now && 'speechSynthesis' in window) {
			speechSynthesis.cancel();
			speechSynthesis.speak(new SpeechSynthesisUtterance(spoken(open.now, rounds)));
		}
	}

	function addCounter() {
		const id = newId();
		open.change({ counters: [...counters, { id, name: `Piece ${counters.length + 1}` }] }, 'counter added');
		open.counter = id;
	}

	function rename(name: string) {
		open.change(
			{ counters: counters.map((one) => (one.id === open.counter ? { ...one, name } : one)) },
			'counter named'
		);
	}

	function set(event: SubmitEvent) {
		event.preventDefault();
		open.setRow(Math.max(0, Math.round(row) - 1));
		setting = false;
	}
</script>

<section class="bar bg-neutral text-neutral-content" aria-label="Counter">
	<div class="flex items-center gap-4 px-4 pt-3.5 sm:gap-6 sm:px-7">
		<button type="button" class="count" onclick={() => count(1)} aria-label="One row done">
			<Icon name="plus" size={36} class="stroke-[2.6]" />
		</button>
		<div class="min-w-0 flex-1" aria-live="polite">
			<p class="sentence font-serif leading-tight font-medium" data-testid="now">
				{now ? nowSaid(now, rounds) : 'Rows come first; then they are counted.'}
			</p>
			{#if words}<p class="mt-1 line-clamp-2 text-lg" data-testid="words">{words}</p>{/if}
			{#if now}<p class="mt-1 opacity-90">{panelsSaid(now)} {besideSaid(now, left)} {endsUp ?? ''}</p>{/if}
		</div>
		{#if now && now.toCross !== null && now.toCross > 0}
			<p class="hidden text-right sm:block">
				<span class="block font-serif text-3xl leading-tight font-medium"
					>{now.toCross} {now.toCross === 1 ? 'row' : 'rows'}</span
				>
				<span class="opacity-90">to the next cross</span>
			</p>
		{/if}
	</div>
	<div class="relative mt-2 flex flex-wrap items-center gap-x-1 px-3 pt-1 pb-2 text-sm sm:px-5">
		<button type="button" class="small" onclick={() => count(-1)} disabled={open.done === 0}>
			<Icon name="minus" size={16} /> One back
		</button>
		<button type="button" class="small fold" aria-expanded={more} onclick={() => (more = !more)}
			>{more ? 'Less' : 'More'}</button
		>
		<span class="ml-auto px-1.5 whitespace-nowrap opacity-90 sm:order-last sm:ml-0" data-testid="done"
			>{open.done} {open.done === 1 ? 'row' : 'rows'} done</span
		>
		<div class="others" class:more>
			{#if setting}
				<form class="flex items-center gap-2" onsubmit={set}>
					<label class="flex items-center gap-2"
						>Next is row
						<input
							class="number"
							type="number"
							min="1"
							max="100000"
							bind:value={row}
							{@attach (field) => field.focus()}
						/>
					</label>
					<button class="small">Set</button>
					<button type="button" class="small" onclick={() => (setting = false)}>Leave it</button>
				</form>
			{:else}
				<button type="button" class="small" onclick={() => ((row = open.done + 1), (setting = true))}
					>Set the row</button
				>
				<button type="button" class="small" onclick={onlost}>I have lost my place</button>
				<button type="button" class="small" onclick={onwrong}>Something looks wrong</button>
			{/if}
			<button type="button" class="small" aria-pressed={aloud} onclick={() => (aloud = !aloud)}
				>{aloud ? 'Counting aloud' : 'Count aloud'}</button
			>
			<span class="flex flex-wrap items-center gap-1.5 sm:ml-auto">
				<label class="flex items-center gap-2">
					<span class="sr-only">Which counter</span>
					<select
						class="number w-auto! max-w-44"
						value={open.counter}
						onchange={(event) => (open.counter = event.currentTarget.value)}
					>
						{#each counters as { id, name } (id)}<option value={id}>{name}</option>{/each}
					</select>
				</label>
				{#if counters.length > 1}
					<label>
						<span class="sr-only">Name of the counter</span>
						<input
							class="number w-32!"
							value={counters.find(({ id }) => id === open.counter)?.name}
							maxlength="60"
							onchange={(event) => rename(event.currentTarget.value.trim() || 'Rows')}
						/>
					</label>
				{/if}
				<button type="button" class="small" onclick={addCounter} disabled={counters.length >= 12}
					>Another counter</button
				>
			</span>
		</div>
	</div>
</section>

<style>
	.bar {
		container-type: inline-size;
	}
	.bar :global(:focus-visible) {
		outline-color: var(--color-neutral-content);
	}
	.sentence {
		font-size: 1.25rem;
	}
	@container (min-width: 46rem) {
		.sentence {
			font-size: 1.75rem;
		}
	}
	.others {
		display: contents;
	}
	.fold {
		display: none;
	}
	/* On a phone the cloth has the room. */
	@container (max-width: 40rem) {
		.fold {
			display: inline-flex;
		}
		.others:not(.more) {
			display: none;
		}
	}
	.count {
		display: grid;
		place-items: center;
		flex: none;
		width: 4.75rem;
		height: 4.5rem;
		border-radius: 1rem;
		background: var(--color-neutral-content);
		color: var(--color-neutral);
		cursor: pointer;
	}
	.small {
		display: inline-flex;
		align-items: center;
		flex: none;
		white-space: nowrap;
		gap: 0.35rem;
		min-height: 2.75rem;
		padding: 0.2rem 0.75rem;
		border-radius: 0.75rem;
		cursor: pointer;
		font-weight: 500;
	}
	/* Beside what is here, the bar is narrow: all of it is to be seen without drawing it aside. */
	@container (max-width: 64rem) {
		.small {
			padding-inline: 0.4rem;
		}
	}
	.small:hover:not(:disabled),
	.small[aria-pressed='true'] {
		background: color-mix(in oklab, var(--color-neutral-content) 16%, transparent);
	}
	.small:disabled {
		opacity: 0.5;
		cursor: default;
	}
	.number {
		width: 5rem;
		min-height: 2.75rem;
		padding: 0.1rem 0.6rem;
		border: 1.5px solid color-mix(in oklab, currentColor 60%, transparent);
		border-radius: 0.7rem;
		background: var(--color-neutral);
		color: inherit;
	}
</style>
