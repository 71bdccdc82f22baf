<script lang="ts">
	import { replaceState } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import Plus from '@lucide/svelte/icons/plus';
	import { inWords } from '$core/naming/numbers';
	import { nameOf } from '$core/naming/name';
	import { nearNames } from '$core/naming/near';
	import { read } from '$core/naming/read';
	import type { Readings } from '$core/naming/reading';
	import { fault, good, type Result } from '$core/result';
	import { scriptOf } from '$core/hands/steps';
	import { handed } from '$core/ways/handed';
	import type { Crossing } from '$core/crossing/crossing';
	import { threeGroups } from '$core/ways/way';
	import { waysOf } from '$core/ways/ways';
	import ClothPicture from '$lib/components/ClothPicture.svelte';
	import Dialog from '$lib/components/Dialog.svelte';
	import FittedRail from '$lib/components/FittedRail.svelte';
	import PutIntoLesson from '$lib/components/PutIntoLesson.svelte';
	import StepPlayer from '$lib/components/StepPlayer.svelte';
	import WayList from '$lib/components/WayList.svelte';
	import { useKeys } from '$lib/keys.svelte';
	import { getSettings } from '$lib/settings.svelte';

	let { data } = $props();
	const settings = getSettings();
	const voice = $derived(settings.value);

	const START = '2/2 RC';
	const asked = untrack(() => page.url.searchParams);
	let text = $state(asked.get('name') ?? START);
	let way = $state(asked.get('way') ?? 'cn-off');
	let step = $state(Math.trunc(Number(asked.get('step'))) || 0);
	/** which of several readings is looked at; the first until the teacher says otherwise */
	let which = $state(Math.max(0, Math.trunc(Number(asked.get('reading'))) || 0));
	let adding = $state(false);
	let input: HTMLInputElement;

	const answer = $derived(playable(read(text)));
	// The old rail stays until there is a new one.
	let standing = $state.raw(untrack(() => (answer.ok ? answer.value : mustRead(START))));
	const readings = $derived(answer.ok ? answer.value : standing);
	$effect(() => {
		if (answer.ok) standing = answer.value;
	});
	const reading = $derived(readings.readings[Math.min(which, readings.readings.length - 1)]);
	const name = $derived(nameOf(reading.crossing));
	const hands = $derived(handed(reading.crossing, voice));
	const ways = $derived(waysOf(hands.played));
	const chosen = $derived(ways.find(({ id }) => id === way) ?? ways[0]);
	const script = $derived(scriptOf(hands.played, chosen.moves, voice));
	const at = $derived(Math.max(0, Math.min(step, script.steps.length)));
	/** a written definition wants a line of its own */
	const long = $derived(text.length > 18);
	const near = $derived(answer.ok ? [] : nearNames(text));
	/** The readings that the rail can play: a definition may make a cross that no known way is for. */
	function playable(answer: Result<Readings>): Result<Readings> {
		if (!answer.ok) return answer;
		const known = answer.value.readings.filter(({ crossing }) => waysOf(crossing).length > 0);
		if (known.length === 0)
			return fault(
				'unreadable',
				'This is understood, but no way to play it is known here yet. Two groups, or three with the middle between or behind, can be played.'
			);
		return good({ ...answer.value, ambiguous: known.length > 1, readings: known });
	}

	function mustRead(name: string) {
		const known = read(name);
		if (!known.ok) throw new Error(known.error.message);
		return known.value;
	}

	/** Three groups of one name differ in how deep the middle lies, not in the school. */
	function tellApart(crossing: Crossing): string | null {
		const three = threeGroups(crossing);
		return three && (three.centre === 'between' ? 'middle between' : 'middle behind');
	}

	function choose(id: string) {
		way = id;
		step = 0;
	}

	function retype(next: string) {
		text = next;
		if (!playable(read(next)).ok) return;
		step = 0;
		which = 0;
	}

	const go = (to: number) => (step = Math.max(0, Math.min(script.steps.length, to)));

	$effect(() => {
		const reading = readings.ambiguous ? [['reading', String(which)]] : [];
		const said = [['name', readings.input], ...reading, ['way', chosen.id], ['step', String(at)]];
		const query = new URLSearchParams(said).toString();
		const timer = setTimeout(() => {
			if (answer.ok && location.search !== `?${query}`) replaceState(resolve(`/?${query}`), {});
		}, 200);
		return () => clearTimeout(timer);
	});

	useKeys([
		{ key: 'ArrowRight', cap: '→', says: 'next step', run: () => go(at + 1) },
		{ key: 'ArrowLeft', cap: '←', says: 'step back', run: () => go(at - 1) },
		{ key: 'Home', cap: 'Home', says: 'to the first step', run: () => go(0) },
		{ key: 'End', cap: 'End', says: 'to the finished cross', run: () => go(script.steps.length) },
		{ key: 'n', cap: 'N', says: 'type another name', run: () => input.select() },
		{
			key: 'w',
			cap: 'W',
			says: 'next way to make it',
			run: () => choose(ways[(ways.indexOf(chosen) + 1) % ways.length].id)
		},
		{ key: 'a', cap: 'A', says: 'put it into a lesson', run: () => (adding = answer.ok) }
	]);
</script>

<svelte:head><title>{name} · Pond Loop</title></svelte:head>

<h1 class="sr-only">Bench: {name}</h1>
<div class="bench">
	<section class="flex min-h-0 min-w-0 flex-col" aria-label="The crossing">
		<div class="flex flex-wrap items-end gap-x-6 gap-y-2 px-4 pt-5 pb-4 sm:px-7">
			<label class={long ? 'w-full' : 'shrink-0'}>
				<span class="sr-only">Name of the crossing</span>
				<input
					bind:this={input}
					value={text}
					oninput={(event) => retype(event.currentTarget.value)}
					class="name border-b-2 border-base-content bg-transparent font-serif font-medium {long
						? 'text-[1.4rem] leading-[1.4]'
						: 'text-[2.6rem] leading-[1.1] sm:text-[3.2rem]'}"
					aria-invalid={!answer.ok}
					aria-describedby="reading"
					spellcheck="false"
					autocomplete="off"
					autocapitalize="off"
				/>
			</label>
			<div id="reading" class="min-w-60 flex-1" aria-live="polite">
				{#if answer.ok}
					<p class="text-[1.2rem] leading-snug">{reading.because}</p>
					<p class="text-quiet">
						{inWords(reading.crossing.stitches)} stitches · worked {hands.played.order.join(' ')} · {reading.school}
						school
					</p>
				{:else}
					<p class="font-semibold text-error">{answer.error.message}</p>
					<p class="mt-1.5 flex flex-wrap items-center gap-2">
						<span class="text-quiet">{name} stays below. Did you mean</span>
						{#each near as offer (offer)}
							<button
								type="button"
								class="press min-h-9! press-quiet px-3! py-0!"
								onclick={() => retype(offer)}
							>
								{offer}
							</button>
						{/each}
					</p>
				{/if}
			</div>
			<button type="button" class="press" disabled={!answer.ok} onclick={() => (adding = true)}>
				<Plus size={18} aria-hidden="true" /> Put into a lesson
				<kbd class="ml-1 key-cap hidden sm:inline-block">A</kbd>
			</button>
			{#if answer.ok && readings.ambiguous}
				<fieldset class="flex w-full flex-wrap items-center gap-2">
					<legend class="float-left mr-2 font-semibold">
						{readings.readings.length} readings; which is yours?
					</legend>
					{#each readings.readings as { crossing, school }, i (i)}
						<label
							class="press min-h-9! press-quiet px-3! py-0! has-checked:press-main has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-base-content"
						>
							<input
								type="radio"
								class="sr-only"
								name="reading"
								value={i}
								checked={i === which}
								onchange={() => {
									which = i;
									step = 0;
								}}
							/>
							{nameOf(crossing)}
							<span class="text-sm font-normal">{tellApart(crossing) ?? school}</span>
						</label>
					{/each}
				</fieldset>
			{/if}
		</div>
		<div class="rail {answer.ok ? '' : 'stale'}">
			<FittedRail
				crossing={hands.played}
				state={script.states[at]}
				next={script.steps[at]}
				{voice}
				alt="{name}, {chosen.title}, step {at + 1} of {script.told.length}: {script.told[at].sentence}"
			/>
		</div>
		<StepPlayer {script} bind:step={() => at, go} />
	</section>

	<aside class="side border-l border-hairline bg-base-100 px-5 py-5" aria-label="Ways and cloth">
		<WayList {ways} chosen={chosen.id} onchoose={choose} />
		<h2 class="mt-7 mb-2 text-xl">On the cloth</h2>
		<div class="grid gap-5">
			<figure>
				<ClothPicture
					crossing={hands.cloth}
					from={voice.hand}
					alt="Right side: before, from the right, 1 to {hands.cloth
						.stitches}; after, {hands.played.order.join(' ')}"
				/>
				<figcaption class="mt-1 text-sm text-quiet">
					Right side. Numbers below stand before the cross, above after it.
				</figcaption>
			</figure>
			<figure>
				<ClothPicture
					crossing={hands.cloth}
					from={voice.hand}
					side="wrong"
					alt="Wrong side: the same cross, the other strand in front, the same lean"
				/>
				<figcaption class="mt-1 text-sm text-quiet">
					Wrong side, and meant to look so: the other strand lies in front, the lean is the same.
				</figcaption>
			</figure>
		</div>
	</aside>
</div>

<Dialog title="Put {name} into a lesson" bind:open={adding}>
	<PutIntoLesson
		lessons={data.lessons}
		{name}
		crossing={reading.crossing}
		way={chosen}
		onput={() => (adding = false)}
	/>
</Dialog>

<style>
	.bench {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
	}
	.name {
		field-sizing: content;
		min-width: 5.5rem;
		max-width: 100%;
		padding-inline-end: 0.4rem;
	}
	.rail {
		height: 19rem;
		overflow: hidden;
	}
	.stale {
		opacity: 0.45;
	}
	@media (min-width: 64rem) {
		.bench {
			grid-template-columns: minmax(0, 1fr) 21.5rem;
			grid-template-rows: minmax(0, 1fr);
			height: calc(100dvh - 3.3rem);
			min-height: 40rem;
		}
		.rail {
			flex: 1;
			height: auto;
			min-height: 0;
		}
		.side {
			overflow-y: auto;
		}
	}
</style>
