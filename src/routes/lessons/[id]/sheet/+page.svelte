<script lang="ts">
	import { asset, resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import Printer from '@lucide/svelte/icons/printer';
	import { showing } from '$core/lesson/showing';
	import ClothPicture from '$lib/components/ClothPicture.svelte';
	import NeedleRail from '$lib/components/NeedleRail.svelte';
	import { getSettings } from '$lib/settings.svelte';
	import { useKeys } from '$lib/keys.svelte';

	let { data } = $props();
	const settings = getSettings();
	const voice = $derived(settings.value);
	let paper = $state<'a4' | 'letter'>(untrack(() => (settings.value.units === 'cm' ? 'a4' : 'letter')));

	const lesson = $derived(data.lesson);
	/** What goes home: every part shown in class, and the words that are not only for the class itself. */
	const IN_CLASS_ONLY = ['explain', 'practice', 'picture', 'check'];
	const sections = $derived(
		lesson.parts
			.map((part) => ({ part, seen: part.kind === 'show' ? showing(lesson, part, voice) : null }))
			.filter(({ part, seen }) => seen || (data.texts[part.id] && !IN_CLASS_ONLY.includes(part.kind)))
	);

	useKeys([{ key: 'p', cap: 'P', says: 'print the sheet', run: () => window.print() }]);
</script>

<svelte:head>
	<title>{lesson.title}: sheet · Pond Loop</title>
	<!-- The paper is a page rule of its own, which only a style sheet can hold. -->
	<link rel="stylesheet" href={asset(`/print/${paper}.css`)} />
</svelte:head>

<div class="desk" data-theme="day">
	<div class="tools print:hidden">
		<a class="press press-quiet" href={resolve('/lessons/[id]', { id: data.id })}>Back to the lesson</a>
		<fieldset class="flex flex-wrap items-center gap-2">
			<legend class="sr-only">Paper</legend>
			{#each [{ value: 'a4', label: 'A4' }, { value: 'letter', label: 'Letter' }] as { value, label } (value)}
				<label
					class="press press-quiet has-checked:press-main has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-base-content"
				>
					<input type="radio" class="sr-only" name="paper" {value} bind:group={paper} />
					{label}
				</label>
			{/each}
		</fieldset>
		<button type="button" class="press press-main" onclick={() => window.print()}>
			<Printer size={18} aria-hidden="true" /> Print it <kbd class="key-cap">P</kbd>
		</button>
	</div>

	<article class="paper {paper}">
		<header class="mb-6 border-b-2 border-[#17302f] pb-3">
			<p class="text-sm">Pond Loop · to take home</p>
			<h1 class="text-3xl">{lesson.title}</h1>
			{#if voice.hand === 'left'}
				<p class="mt-1">
					For left-handed knitters, keeping the {voice.keep === 'fabric'
						? 'fabric: your rope leans as everyone’s does'
						: 'words: your rope leans the other way'}.
				</p>
			{/if}
		</header>

		{#if lesson.materials.length > 0}
			<section class="keep mb-6">
				<h2 class="mb-1 text-xl">What you need</h2>
				<ul class="list-disc pl-5">
					{#each lesson.materials as { what, why, amount } (what)}
						<li>{what}{amount ? `, ${amount}` : ''}{why ? `: ${why}` : ''}</li>
					{/each}
				</ul>
			</section>
		{/if}

		{#each sections as { part, seen } (part.id)}
			{#if seen?.shown}
				{@const { taught, hands, shown } = seen}
				<section class="mb-7">
					<div class="keep">
						<h2 class="text-xl">{part.title}</h2>
						<p>
							{taught.name} · {shown.way.title}, {shown.way.movements} moves · worked {hands.played.order.join(
								' '
							)}
						</p>
						<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark on the server, raw HTML escaped -->
						<div class="prose">{@html data.texts[part.id] ?? ''}</div>
						{#if taught.saying}<p class="mt-1 font-serif italic">“{taught.saying}”</p>{/if}
						<div class="my-3 grid max-w-120 grid-cols-2 gap-4">
							{#each ['right', 'wrong'] as const as side (side)}
								<figure>
									<ClothPicture
										crossing={hands.cloth}
										from={voice.hand}
										{side}
										alt="{taught.name}, {side} side"
									/>
									<figcaption class="text-sm">
										{side === 'right' ? 'Right side' : 'Wrong side: meant to look so'}
									</figcaption>
								</figure>
							{/each}
						</div>
					</div>
					<ol class="steps">
						{#each shown.script.steps as step, i (step)}
							{@const told = shown.script.told[i]}
							<li class="keep">
								<div class="overflow-hidden rounded-lg border border-[#c9d2ca]">
									<NeedleRail
										crossing={hands.played}
										state={shown.script.states[i + 1]}
										{voice}
										width={520}
										height={300}
										neighbours={1}
										labels={false}
										alt="After step {i + 1}: {told.sentence}"
									/>
								</div>
								<p class="mt-1.5 flex gap-2">
									<span class="num">{i + 1}</span>
									<span>
										<strong class="font-semibold">{told.sentence}</strong>
										<span class="block text-sm">{told.detail}</span>
									</span>
								</p>
							</li>
						{/each}
					</ol>
					<p class="keep mt-3 font-semibold">
						{shown.script.told.at(-1)?.sentence}
						{shown.script.told.at(-1)?.detail}
					</p>
				</section>
			{:else}
				<section class="keep mb-5">
					<h2 class="text-xl">{part.title}</h2>
					<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark on the server, raw HTML escaped -->
					<div class="prose">{@html data.texts[part.id] ?? ''}</div>
				</section>
			{/if}
		{/each}

		{#if lesson.homework}
			<section class="keep mb-5">
				<h2 class="text-xl">Until next time</h2>
				<p>{lesson.homework}</p>
			</section>
		{/if}
		<section class="keep">
			<h2 class="text-xl">Your hands</h2>
			<p>
				Hold loosely, and stretch every 20 to 30 minutes. Stop when something hurts; pain that stays is for a
				doctor or a hand therapist. Count your pins and needles in and out.
			</p>
			<h2 class="mt-5 text-xl">Room for notes</h2>
			<div class="notes"></div>
		</section>
	</article>
</div>

<style>
	.desk {
		min-height: 100dvh;
		padding: 1.2rem 1rem 3rem;
		background: var(--color-base-200);
		color: #17302f;
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0.8rem;
		max-width: 54rem;
		margin: 0 auto 1.2rem;
	}
	.paper {
		max-width: 210mm;
		margin-inline: auto;
		padding: clamp(1rem, 4vw, 16mm);
		background: #fff;
		border-radius: 4px;
		font-size: 1rem;
	}
	.paper.letter {
		max-width: 8.5in;
	}
	.steps {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 1.1rem 1.3rem;
	}
	.num {
		display: grid;
		flex: none;
		place-items: center;
		width: 1.7rem;
		height: 1.7rem;
		border: 2px solid #17302f;
		border-radius: 50%;
		font-weight: 700;
	}
	.prose :global(p) {
		margin-top: 0.35rem;
	}
	.notes {
		height: 9rem;
		border-bottom: 1px solid #9aa8a2;
		background: repeating-linear-gradient(#fff 0 calc(2.2rem - 1px), #9aa8a2 calc(2.2rem - 1px) 2.2rem);
	}
	.keep {
		break-inside: avoid;
	}
	h2 {
		break-after: avoid;
	}
	@media (max-width: 34rem) {
		.steps {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	@media print {
		.desk {
			padding: 0;
			background: none;
		}
		.paper {
			max-width: none;
			padding: 0;
		}
	}
</style>
