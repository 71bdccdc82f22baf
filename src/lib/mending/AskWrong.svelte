<script lang="ts">
	import { QUESTIONS } from '$core/faults/diagnose';
	import { foundState } from '$core/faults/mending';
	import { slipFacts } from '$core/faults/slip';
	import { looksOf } from '$core/faults/fault';
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import type { Finding } from './finding.svelte';
	import ShowOnCloth from './ShowOnCloth.svelte';

	/** Asks like a colleague: one picture question at a time, until the cloth that is left is the one that is held up. */
	let { finding }: { finding: Finding } = $props();

	const from = $derived(finding.hands.hand);
	let pointing = $state(false);
</script>

<div class="grid grid-cols-1 gap-4">
	{#if finding.given.length + finding.trouble.unseen.length > 0 || finding.trouble.cause}
		<p class="flex flex-wrap gap-2">
			{#each finding.given as { field, says } (field)}
				<button type="button" class="btn btn-sm" onclick={() => finding.takeBack(field)}
					>{says} <Icon name="x" size={16} /><span class="sr-only">: take this answer back</span></button
				>
			{/each}
			<button type="button" class="btn btn-sm" onclick={() => finding.begin()}>Begin again</button>
		</p>
	{/if}
	{#if pointing}
		<ShowOnCloth
			{finding}
			ondone={() => {
				pointing = false;
			}}
		/>
	{:else if finding.question}
		{@const field = finding.question}
		<section aria-live="polite" class="grid gap-2">
			<h3 class="font-serif text-xl font-medium">{QUESTIONS[field]}</h3>
			<ul class="looks">
				{#each finding.options as { value, says, looks } (says)}
					<li>
						<button type="button" class="look" onclick={() => finding.answer(field, value)}>
							<MadePicture meant={finding.crossing} state={looks} {from} alt="" />
							<span>{says}</span>
						</button>
					</li>
				{/each}
			</ul>
			<p class="flex flex-wrap gap-2">
				<button type="button" class="btn" onclick={() => finding.cannotSee(field)}>Cannot see</button>
				<button type="button" class="btn" onclick={() => (pointing = true)}>Show it on the cloth</button>
			</p>
		</section>
	{:else if finding.looks.length > 1 && !finding.trouble.cause}
		<section aria-live="polite" class="grid gap-2">
			<h3 class="font-serif text-xl font-medium">Which of these looks like it?</h3>
			<ul class="looks">
				{#each finding.looks as [cause] (`${cause.way.id} ${cause.slip}`)}
					<li>
						<button type="button" class="look" onclick={() => finding.choose(cause)}>
							<MadePicture
								meant={finding.crossing}
								state={foundState(finding.crossing, cause, 2)}
								{from}
								alt=""
							/>
							<span>{looksOf(finding.crossing, cause, finding.hands)}</span>
							<span class="text-sm text-quiet">{slipFacts(cause.slip).name}</span>
						</button>
					</li>
				{/each}
			</ul>
		</section>
	{:else if finding.looks.length === 0}
		<p>
			<b>No slip looks like that.</b> Hands that make one slip make no such cloth. Take an answer back, or look
			for two slips at once.
		</p>
	{/if}
	{#if !finding.cause && !pointing}
		<details>
			<summary class="min-h-8 cursor-pointer text-quiet">Or choose a slip, to see what it makes</summary>
			<ul class="mt-2 flex flex-wrap gap-2">
				{#each finding.slips as cause (cause.slip)}
					<li>
						<button type="button" class="btn btn-sm" onclick={() => finding.choose(cause)}
							>{slipFacts(cause.slip).name}</button
						>
					</li>
				{/each}
			</ul>
		</details>
	{/if}
</div>

<style>
	.looks {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(max(8.5rem, 22%), 1fr));
		gap: 0.6rem;
	}
	.look {
		display: grid;
		align-content: start;
		gap: 0.35rem;
		width: 100%;
		height: 100%;
		padding: 0.5rem;
		border: 1.5px solid var(--color-hairline);
		border-radius: 0.8rem;
		text-align: left;
		line-height: 1.25;
		cursor: pointer;
	}
	.look:hover {
		border-color: var(--color-base-content);
	}
</style>
