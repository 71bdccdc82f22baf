<script lang="ts">
	import { resolve } from '$app/paths';
	import { claimsOf } from '$core/planning/claimed';
	import { counted } from '$core/naming/numbers';
	import type { Lesson } from '$core/lesson/lesson';

	/** What its words say that does not hold, before a class or a reader is told it. Nothing where all of it holds. */
	let { id, lesson }: { id: string; lesson: Lesson } = $props();

	const wrong = $derived(claimsOf(lesson).filter(({ holds }) => holds === false));
	/** the first few, each with a way to its mend */
	const SHOWN = 3;
</script>

{#if wrong.length > 0}
	<details class="border-l-4 border-warning pl-4" data-testid="before-going">
		<summary class="min-h-11 cursor-pointer content-center font-semibold"
			>{counted(wrong.length, 'sentence')} {wrong.length === 1 ? 'does' : 'do'} not hold</summary
		>
		<ul class="grid gap-2">
			{#each wrong.slice(0, SHOWN) as claim, i (i)}
				<li>
					<span class="claim-wrong">{claim.where.text.slice(claim.from, claim.to)}</span>
					<span class="block">{claim.because}</span>
				</li>
			{/each}
		</ul>
		<a class="btn mt-2 btn-outline" href={resolve('/lessons/[id]', { id })}
			>Mend {wrong.length === 1 ? 'it' : 'them'} in the lesson</a
		>
	</details>
{/if}
