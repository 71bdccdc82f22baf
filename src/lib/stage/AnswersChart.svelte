<script lang="ts">
	import type { Tally } from '$core/teaching/answering';
	import { counted } from '$core/naming/numbers';

	/** What a class answered to a question, as bars: how many gave which answer, never who. */
	let {
		asks,
		answers,
		told
	}: {
		asks: string;
		/** each as the hands of this window count, and whether it is right */
		answers: readonly (Tally & { readonly right: boolean })[];
		/** what is right, once it is told */
		told: string | null;
	} = $props();

	const most = $derived(Math.max(1, ...answers.map(({ count }) => count)));
	const all = $derived(answers.reduce((sum, { count }) => sum + count, 0));
</script>

<figure class="answers">
	<figcaption>
		<p class="font-serif">{asks}</p>
		<p class="mt-2 text-lg opacity-85">{all === 0 ? 'No answers yet' : counted(all, 'answer')}</p>
	</figcaption>
	<ul>
		{#each answers as { answer, count, right } (answer)}
			{@const is = told !== null && right}
			<li class:is>
				<span class="said">{answer}{is ? ' ✓' : ''}</span>
				<svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true"
					><rect width={(100 * count) / most} height="6" rx="1" /></svg
				>
				<b>{count}</b>
			</li>
		{/each}
	</ul>
	{#if told}<p class="border-t border-current pt-4 text-xl" role="status">{told}</p>{/if}
</figure>

<style>
	.answers {
		display: grid;
		align-content: center;
		gap: 1.5rem;
		width: min(60rem, 100%);
		height: 100%;
		margin-inline: auto;
		padding: 1.5rem;
	}
	figcaption {
		font-size: clamp(1.4rem, 3cqw, 2.4rem);
	}
	ul {
		display: grid;
		gap: 0.9rem;
	}
	li {
		display: grid;
		grid-template-columns: minmax(8rem, 1fr) 2fr 3rem;
		align-items: center;
		gap: 1rem;
		font-size: clamp(1.1rem, 2cqw, 1.8rem);
	}
	svg {
		height: 1.6rem;
		width: 100%;
	}
	rect {
		fill: var(--color-outline);
	}
	.is rect {
		fill: var(--color-accent);
	}
	.is {
		font-weight: 700;
	}
	.said {
		overflow-wrap: anywhere;
	}
</style>
