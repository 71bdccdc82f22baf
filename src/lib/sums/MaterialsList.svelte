<script lang="ts">
	import type { Needed } from '$core/measures/materials';

	/** What a piece takes, as a list to gather by. */
	let { needed }: { needed: readonly Needed[] } = $props();
</script>

<div>
	<h2 class="text-lg">To gather</h2>
	<ul class="mt-1" aria-label="To gather">
		{#each needed as { what, amount, why } (what)}
			<li class="border-b border-hairline py-1.5">
				<span class="font-semibold">{what}</span>: {amount}
				<span class="text-quiet">– {why}</span>
			</li>
		{/each}
	</ul>
</div>
