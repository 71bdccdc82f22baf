<script lang="ts">
	import { compareCrossings } from '$core/crossing/compare';
	import { mirror } from '$core/crossing/transform';
	import { textFor } from '$core/formats/name';
	import type { Subject } from './subject.svelte';
	import CompareSide from './CompareSide.svelte';
	import ThumbButton from '$lib/ui/ThumbButton.svelte';

	/** Two rails in step: two ways, two crossings, two media or two pairs of hands. */
	let {
		left,
		right,
		step,
		go,
		onend
	}: { left: Subject; right: Subject; step: number; go: (to: number) => void; onend: () => void } = $props();

	const last = $derived(Math.max(left.last, right.last));
	const verdict = $derived(compareCrossings(left.cloth, right.cloth));

	const PRESETS = $derived([
		{
			label: 'Another way',
			run() {
				alike();
				const ways = left.ways.map(({ id }) => id);
				const now = left.shown && left.shown.kind !== 'gutter' ? left.shown.way.id : ways[0];
				right.wayId = ways[(ways.indexOf(now) + 1) % ways.length] ?? null;
			}
		},
		{
			label: 'The other lean',
			run() {
				alike();
				right.retype(textFor(mirror(left.crossing), left.medium));
				right.wayId = null;
			}
		},
		{
			label: 'The other hand',
			run() {
				alike();
				right.hand = left.voice.hand === 'right' ? 'left' : 'right';
			}
		},
		{
			label: 'On a machine',
			run() {
				alike();
				right.setMedium('machine');
			}
		}
	]);

	function alike() {
		right.hand = left.hand;
		right.medium = left.medium;
		right.retype(left.text);
		right.picked = left.which;
		right.wayId = left.wayId;
		go(0);
	}
</script>

<div class="grid gap-4 px-4 pt-4 pb-40 sm:px-7">
	<div class="flex flex-wrap items-center gap-2">
		<p class="mr-auto border-l-4 border-accent pl-3 text-lg" role="status">{verdict}</p>
		<span class="text-quiet">Beside it:</span>
		{#each PRESETS as { label, run } (label)}
			<button type="button" class="btn btn-sm" onclick={run}>{label}</button>
		{/each}
	</div>
	<div class="grid gap-8 lg:grid-cols-2">
		<CompareSide subject={left} at={step} label="First" />
		<CompareSide subject={right} at={step} label="Second" />
	</div>
</div>
<div class="bar flex items-center justify-center gap-6 bg-neutral px-4 py-3 text-neutral-content">
	<ThumbButton to="back" label="Back one step, both" disabled={step === 0} onpress={() => go(step - 1)} />
	<p class="text-center text-lg font-semibold sm:min-w-28">Step {Math.min(step, last) + 1} of {last + 1}</p>
	<ThumbButton
		to="forward"
		label="Forward one step, both"
		disabled={step >= last}
		onpress={() => go(step + 1)}
	/>
	<button
		type="button"
		class="btn border-neutral-content! btn-outline sm:absolute sm:right-7"
		onclick={onend}
	>
		End<span class="sr-only sm:not-sr-only">comparing</span>
	</button>
</div>

<style>
	.bar {
		position: fixed;
		inset-inline: 0;
		bottom: 0;
		z-index: 10;
	}
	.bar :focus-visible {
		outline-color: var(--color-neutral-content);
	}
</style>
