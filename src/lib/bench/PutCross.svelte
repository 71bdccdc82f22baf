<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { putPicture, putWay } from '$core/planning/putCross';
	import { ratesWith } from '$core/planning/rates';
	import { newId } from '$lib/client/id';
	import { getSettings } from '$lib/client/settings.svelte';
	import PutIntoLesson from '$lib/lesson/PutIntoLesson.svelte';
	import { wordsFor } from '$lib/ui/words';
	import type { Named } from '$lib/wire/shapes';
	import type { Subject } from './subject.svelte';
	import { ui } from '$lib/words/ui';

	/** Puts the crossing on the Bench into a lesson: as the way that is chosen, or as a picture where hands do not make it. */
	let { subject, lessons, onput }: { subject: Subject; lessons: readonly Named[]; onput: () => void } =
		$props();
	const settings = getSettings();
	const words = wordsFor(ui(settings));

	/** a lesson plays what hands make, and knows ways by their names: not a script of one's own */
	const way = $derived(
		subject.shown?.kind === 'hand' && subject.shown.way.id !== 'own' ? subject.shown.way : null
	);

	function change() {
		const rates = ratesWith(settings.value.rates);
		return way
			? putWay(newId, subject.name, subject.crossing, way, rates)
			: putPicture(
					newId,
					subject.name,
					subject.plain,
					words.medium(subject.read.medium).toLowerCase(),
					rates
				);
	}
</script>

<PutIntoLesson
	{lessons}
	name={subject.name}
	says={way ? `${way.title}, ${counted(way.movements, 'move')}.` : 'As a numbered picture, before and after.'}
	changes={() => [change()]}
	stay="Stay in Crosses"
	{onput}
/>
