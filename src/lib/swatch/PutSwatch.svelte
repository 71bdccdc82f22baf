<script lang="ts">
	import { rowsForLesson } from '$core/lesson/follow';
	import { putSwatch } from '$core/planning/putSwatch';
	import { ratesWith } from '$core/planning/rates';
	import { newId } from '$lib/client/id';
	import { getSettings } from '$lib/client/settings.svelte';
	import PutIntoLesson from '$lib/lesson/PutIntoLesson.svelte';
	import type { Named } from '$lib/wire/shapes';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** Puts the swatch into a lesson: its rows, and a part that knits them together. */
	let { open, lessons, onput }: { open: OpenSwatch; lessons: readonly Named[]; onput: () => void } = $props();
	const settings = getSettings();

	const changes = () =>
		putSwatch(
			newId,
			{ id: open.id, title: open.card.title, text: rowsForLesson({ text: open.text, size: open.card.size }) },
			ratesWith(settings.value.rates)
		);
</script>

<PutIntoLesson
	{lessons}
	name={open.card.title}
	says="Its rows, and a part that knits them together."
	{changes}
	stay="Stay with the swatch"
	{onput}
/>
