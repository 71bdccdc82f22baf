<script lang="ts">
	import { resolve } from '$app/paths';
	import type { KeptCrossing } from '$lib/wire/bench';
	import { newId } from '$lib/client/id';
	import type { OpenMemory } from '$lib/client/memory.svelte';
	import type { Subject } from './subject.svelte';
	import { wordsFor } from '$lib/ui/words';
	import SayingFields from '$lib/ui/SayingFields.svelte';
	import ClaimsHere from '$lib/lesson/ClaimsHere.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** The teacher's own saying for this crossing, and the crossings she keeps. */
	let {
		subject,
		memory,
		onopen
	}: { subject: Subject; memory: OpenMemory; onopen: (kept: KeptCrossing) => void } = $props();

	const words = wordsFor(ui(getSettings()));

	const medium = $derived(subject.read.medium);
	const crossed = $derived(JSON.stringify(subject.crossing.over) + subject.crossing.order.join());
	const here = $derived(
		memory.crossings.find(
			(kept) =>
				kept.medium === medium && JSON.stringify(kept.crossing.over) + kept.crossing.order.join() === crossed
		)
	);
	let removed = $state.raw<KeptCrossing | null>(null);

	function keep(saying: string) {
		const kept = here ?? {
			crossingId: newId(),
			name: subject.name,
			medium,
			crossing: subject.crossing,
			saying
		};
		memory.keepCrossing({ ...kept, crossing: subject.crossing, saying }, `saying ${kept.crossingId}`);
	}

	function remove(kept: KeptCrossing) {
		memory.keepCrossing({ ...kept, removed: true });
		removed = kept;
	}
</script>

<div class="grid grid-cols-1 gap-6">
	<p class="text-quiet">Crosses and sayings of yours that you want at hand again, on every device.</p>
	<section class="grid grid-cols-1 gap-2">
		<h2 class="text-xl">Your saying for it</h2>
		<SayingFields text={here?.saying ?? ''} onchange={keep} />
		{#if here?.saying}
			{#await import('$core/planning/claimed') then { claimsFor }}
				{@const text = here.saying}
				<ClaimsHere
					claims={claimsFor(text, [here]).map((claim) => ({ text, claim }))}
					onmend={(_, mended) => keep(mended)}
				/>
			{/await}
		{/if}
		{#if !here}
			<button type="button" class="btn justify-self-start btn-outline" onclick={() => keep('')}
				>Keep {subject.name}</button
			>
		{:else}
			<p class="text-sm text-quiet">{subject.name} is kept, with every word you type.</p>
		{/if}
	</section>
	<section class="grid grid-cols-1 gap-2">
		<h2 class="text-xl">Kept crossings</h2>
		<ul>
			{#each memory.crossings as kept (kept.crossingId)}
				<li class="flex items-center justify-between gap-3 border-b border-hairline py-1.5">
					<button type="button" class="min-h-11 min-w-0 flex-1 text-left" onclick={() => onopen(kept)}>
						<span class="font-semibold">{kept.name}</span>
						<span class="text-sm text-quiet">{kept.medium === 'hand' ? '' : words.medium(kept.medium)}</span>
						{#if kept.saying}<span class="block truncate text-sm text-quiet">“{kept.saying}”</span>{/if}
					</button>
					<button
						type="button"
						class="btn btn-sm"
						onclick={() => remove(kept)}
						aria-label="Remove {kept.name}"
					>
						Remove
					</button>
				</li>
			{:else}
				<li class="text-quiet">None yet. Write a saying above, or keep this one as it is.</li>
			{/each}
		</ul>
		{#if removed}
			<p class="flex flex-wrap items-center gap-3" role="status">
				{removed.name} removed.
				<button
					type="button"
					class="min-h-10 font-semibold underline"
					onclick={() => {
						memory.keepCrossing({ ...removed!, removed: false });
						removed = null;
					}}>Bring it back</button
				>
			</p>
		{/if}
	</section>
	<section class="grid grid-cols-1 gap-2">
		<h2 class="text-xl">Names settled</h2>
		<ul>
			{#each memory.readings as reading (reading.medium + reading.name)}
				<li class="flex items-center justify-between gap-3 border-b border-hairline py-1.5">
					<span
						><strong>{reading.name.toUpperCase()}</strong> · {reading.crossing?.stitches} stitches, worked {reading.crossing?.order.join(
							' '
						)}</span
					>
					<button
						type="button"
						class="btn btn-sm"
						onclick={() => memory.choose({ ...reading, crossing: null })}
						aria-label="Forget {reading.name.toUpperCase()}"
					>
						Forget
					</button>
				</li>
			{:else}
				<li class="text-quiet">When a name has several readings and you choose one, it stands here.</li>
			{/each}
		</ul>
		<p>
			<a class="font-semibold underline" href={resolve('/abbreviations')}>Abbreviations</a> checks a whole pattern’s
			list.
		</p>
	</section>
</div>
