<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import { slackEdits, slackPlaces, type SlackSchool } from '$core/swatch/slack';
	import Choices from '$lib/ui/Choices.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** Purls that follow a rope, and the way they are kept from gaping. */
	let { open, working }: { open: OpenSwatch; working: Working } = $props();

	let school = $state<SlackSchool>('right-side');
	const slack = $derived(slackPlaces(working, school));
	/** places that a cross takes on the next row */
	const inCross = $derived(
		slack.filter(({ undo, step }) => undo === null && step + 1 < working.steps.length).length
	);
</script>

<section class="grid gap-2">
	<h2 class="text-xl">Slack beside ropes</h2>
	<p>
		{slack.length === 0
			? 'No purl follows a rope here.'
			: `${slack.length} ${slack.length === 1 ? 'purl follows' : 'purls follow'} a rope or two knits: in this row wrap it the short way round, under the needle, and the left edge does not gape; in the next row work it through the back loop, because it sits turned.`}
	</p>
	{#if slack.length > 0}
		{#if inCross > 0}
			<p>
				{inCross} of them {inCross === 1 ? 'meets' : 'meet'} a cross on the next row: there the stitch starts with
				its left leg in front, and they are left out.
			</p>
		{/if}
		<p class="text-sm text-quiet">Teachers differ whether it is worth it at all. Try it on half a swatch.</p>
		<Choices
			label="Wrap"
			value={school}
			choices={[
				{ value: 'right-side', label: 'on right side rows' },
				{ value: 'both', label: 'on both sides' }
			]}
			onchoose={(value) => (school = value)}
		/>
		<div>
			<button
				type="button"
				class="btn"
				onclick={() => open.edit(slackEdits(working, slack), 'slack written in')}
				>Write it into the rows</button
			>
		</div>
	{/if}
</section>
