<script lang="ts">
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import type { Finding } from './finding.svelte';
	import { AS_MEANT, clothShown, nextMark, seenIn, type Shown } from './shown';

	/** The cloth as it is held up: the stitches that look wrong are pressed, and the cross is turned as it looks. */
	let { finding, ondone }: { finding: Finding; ondone: () => void } = $props();

	let shown = $state.raw<Shown>(AS_MEANT);
	const crossing = $derived(finding.crossing);
	const from = $derived(finding.hands.hand);
	const cloth = $derived(clothShown(crossing, shown));
	/** columns from the left of the picture, by their place in the order worked */
	const columns = $derived.by(() => {
		const places = crossing.order.map((_, i) => i);
		return from === 'right' ? places.reverse() : places;
	});
	const SAID = { face: 'the other face', foot: 'crossed at its foot', run: 'run down' } as const;
	const says = (place: number, i: number) =>
		`Stitch ${i + 1} from the left: ${shown.marks[place] ? SAID[shown.marks[place]] : 'as it should be'}`;

	const press = (place: number) =>
		(shown = { ...shown, marks: { ...shown.marks, [place]: nextMark(shown.marks[place]) } });

	/** as many places as the picture has columns, the ground at both sides */
	const laid = (count: number) => (node: HTMLElement) => {
		node.style.gridTemplateColumns = `2fr repeat(${count}, minmax(1.5rem, 1fr)) 2fr`;
	};
</script>

<section class="grid gap-3" aria-label="Show it on the cloth">
	<h3 class="font-serif text-xl font-medium">Press what looks wrong, and turn the cross as it looks.</h3>
	<Choices
		label="The cross"
		value={shown.turn}
		choices={[
			{ value: 'meant', label: 'as it should' },
			{ value: 'other', label: 'leans the other way' },
			{ value: 'none', label: 'not crossed' }
		]}
		onchoose={(turn) => (shown = { ...shown, turn })}
	/>
	<div class="relative mx-auto w-full max-w-md">
		<MadePicture meant={crossing} state={cloth} {from} alt="The cloth as it is held up" />
		<div class="columns" {@attach laid(crossing.stitches)}>
			<span></span>
			{#each columns as place, i (place)}
				<button type="button" class="column" onclick={() => press(place)} aria-label={says(place, i)}
				></button>
			{/each}
			<span></span>
		</div>
	</div>
	<p class="text-sm text-quiet">
		Each press goes on: other face, crossed at its foot, run down, as it should be.
	</p>
	<label class="flex items-center gap-2"
		><input
			type="checkbox"
			class="size-5 accent-base-content"
			checked={shown.loop}
			onchange={(event) => (shown = { ...shown, loop: event.currentTarget.checked })}
		/> There is one stitch more</label
	>
	<Choices
		label="Its row"
		value={shown.late}
		choices={[
			{ value: 'on', label: 'on its row' },
			{ value: 'early', label: 'too early' },
			{ value: 'late', label: 'too late' }
		]}
		onchoose={(late) => (shown = { ...shown, late })}
	/>
	<p class="flex flex-wrap gap-2">
		<button
			type="button"
			class="btn btn-primary"
			onclick={() => {
				finding.answerAll(seenIn(crossing, shown));
				ondone();
			}}>This is how it looks</button
		>
		<button type="button" class="btn" onclick={ondone}>Back to the question</button>
	</p>
</section>

<style>
	.columns {
		position: absolute;
		inset: 0;
		display: grid;
	}
	.column {
		cursor: pointer;
		border-radius: 0.5rem;
	}
	/* A finger leaves no hover behind. */
	@media (hover: hover) {
		.column:hover {
			background: color-mix(in oklab, var(--color-base-content) 12%, transparent);
		}
	}
</style>
