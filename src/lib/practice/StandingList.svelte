<script lang="ts">
	import type { Practising } from '$core/practice/evening';
	import { KIND_FACTS, KINDS, type Kind } from '$core/practice/exercise';
	import { standingOf, type Practised } from '$core/practice/schedule';

	/** What sits and what does not, cross by cross, each in every way it is asked. */
	let { practised, practising }: { practised: readonly Practised[]; practising: readonly Practising[] } =
		$props();

	const standing = $derived(standingOf(practised, Date.now()));
	const of = (name: string, kind: Kind) => standing.find((one) => one.of === name && one.kind === kind);
	const asked = $derived(KINDS.filter((kind) => standing.some((one) => one.kind === kind)));
</script>

<ul class="mt-2 grid gap-3">
	{#each practising as { of: name, free } (name)}
		<li class="rounded-2xl border border-hairline bg-base-100 p-3">
			<h3 class="text-lg">{name}</h3>
			{#if free}<p class="text-sm text-quiet">
					It sits: its movements are asked without a cable needle.
				</p>{/if}
			<ul class="mt-1.5 flex flex-wrap gap-1.5">
				{#each asked as kind (kind)}
					{@const one = of(name, kind)}
					{#if one}
						<li class="mark" class:sits={one.sits}>
							{KIND_FACTS[kind].name}: {one.sits ? 'sits' : one.remembered < 0.8 ? 'fading' : 'fresh'}
						</li>
					{/if}
				{/each}
			</ul>
			{#if !standing.some((one) => one.of === name)}<p class="text-sm text-quiet">not asked yet</p>{/if}
		</li>
	{/each}
</ul>

<style>
	.mark {
		padding: 0.15rem 0.6rem;
		border: 1.5px dashed var(--color-outline);
		border-radius: 0.6rem;
		font-size: 0.9375rem;
	}
	.sits {
		border-style: solid;
		border-color: var(--color-accent);
		font-weight: 600;
	}
</style>
