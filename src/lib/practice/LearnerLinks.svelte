<script lang="ts">
	import OnlyHere from '$lib/ui/OnlyHere.svelte';
	import SquareCode from '$lib/ui/SquareCode.svelte';
	import { practiceAt, type KeptLearner } from '$lib/wire/practice';

	/** Links to be handed out, each on a slip of paper of its own, with a square code to photograph. */
	let {
		learners,
		origin,
		onlyHere,
		onclose
	}: {
		learners: readonly KeptLearner[];
		/** where phones find this server */
		origin: string;
		onlyHere: boolean;
		onclose: () => void;
	} = $props();
</script>

<div class="sheet" data-theme="day">
	<p class="mb-4 flex flex-wrap gap-2 print:hidden">
		<button type="button" class="btn btn-outline" onclick={onclose} {@attach (button) => button.focus()}
			>Back to the class</button
		>
		<button type="button" class="btn btn-outline" onclick={() => window.print()}>Print</button>
	</p>
	{#if onlyHere}<div class="mb-4 max-w-2xl print:hidden"><OnlyHere /></div>{/if}
	<ul class="slips">
		{#each learners as { id, nickname, link } (id)}
			{#if link !== null}
				{@const address = `${origin}${practiceAt(link)}`}
				<li class="slip">
					<div class="code"><SquareCode text={address} alt="Square code of {nickname}’s link" /></div>
					<div class="min-w-0">
						<p class="font-serif text-2xl">{nickname}</p>
						<p>Five minutes an evening. Photograph the code, or open</p>
						<p class="font-mono text-sm break-all">{address}</p>
						<p class="text-sm text-quiet">It is yours alone: whoever has it sees what you practise.</p>
					</div>
				</li>
			{/if}
		{/each}
	</ul>
</div>

<style>
	.sheet {
		position: fixed;
		inset: 0;
		z-index: 20;
		overflow-y: auto;
		padding: 1.5rem;
		background: white;
		color: var(--color-base-content);
	}
	.slips {
		display: grid;
		gap: 1rem;
		grid-template-columns: repeat(auto-fill, minmax(min(26rem, 100%), 1fr));
	}
	.slip {
		display: grid;
		grid-template-columns: 9rem 1fr;
		gap: 1rem;
		align-items: center;
		padding: 1rem;
		border: 1.5px dashed var(--color-outline);
		border-radius: 0.8rem;
		break-inside: avoid;
	}
	@media print {
		.sheet {
			position: static;
			padding: 0;
		}
	}
</style>
