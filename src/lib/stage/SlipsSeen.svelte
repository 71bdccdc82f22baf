<script lang="ts">
	import { BED_SLIPS, HAND_SLIPS, slipFacts } from '$core/faults/slip';
	import { namesOf } from '$core/lesson/learners';
	import type { Lesson } from '$core/lesson/lesson';
	import { isBed } from '$core/technique/medium';
	import type { SlipSeen } from '$core/teaching/classRecord';
	import { namesIn, toggledName } from '$core/teaching/writeUp';
	import Choices from '$lib/ui/Choices.svelte';

	/** The slips that were seen in a class, and whose they were; what the next draft takes its slip from. */
	let {
		lesson,
		slips,
		onset
	}: {
		lesson: Lesson;
		slips: readonly SlipSeen[];
		onset: (slips: readonly SlipSeen[]) => void;
	} = $props();

	const learners = $derived(namesOf(lesson));
	const possible = $derived(isBed(lesson.medium) ? BED_SLIPS : HAND_SLIPS);
	/** who is a name at least, or nothing at all */
	const whose = ({ crossing, slip, way }: SlipSeen, who: string): SlipSeen => ({
		...{ crossing, slip, way },
		...(who.trim() ? { who } : {})
	});
	const put = (i: number, slip: SlipSeen) => onset(slips.map((one, j) => (i === j ? slip : one)));

	function add(crossing: string) {
		if (crossing) onset([...slips, { crossing, slip: possible[0], way: '' }]);
	}
</script>

{#if slips.length === 0}
	<p class="mt-2">
		No slip was kept. On the stage, <kbd class="kbd">F</kbd> asks what went wrong and keeps it here.
	</p>
{:else}
	<ul class="mt-2 grid gap-3" aria-label="Slips that were seen">
		{#each slips as slip, i (i)}
			<li class="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hairline pb-3">
				<strong>{slip.crossing}</strong>
				<Choices
					label="The slip"
					value={slip.slip}
					choices={possible.map((value) => ({
						value: value as SlipSeen['slip'],
						label: slipFacts(value).name
					}))}
					onchoose={(chosen) => put(i, { ...slip, slip: chosen })}
				/>
				<label class="flex min-w-48 flex-1 items-center gap-2"
					>Whose
					<input
						class="input"
						maxlength="200"
						value={slip.who ?? ''}
						onchange={(event) => put(i, whose(slip, event.currentTarget.value))}
					/></label
				>
				{#each learners as name (name)}
					<button
						type="button"
						class="btn btn-sm"
						aria-pressed={namesIn(slip.who).includes(name)}
						onclick={() => put(i, whose(slip, toggledName(slip.who ?? '', name)))}>{name}</button
					>
				{/each}
				<button type="button" class="btn" onclick={() => onset(slips.filter((_, j) => j !== i))}
					>Take it out</button
				>
			</li>
		{/each}
	</ul>
{/if}
{#if lesson.crossings.length > 0}
	<p class="mt-3 flex flex-wrap gap-2">
		{#each lesson.crossings as { id, name } (id)}
			<button type="button" class="btn" onclick={() => add(name)}>A slip in {name}</button>
		{/each}
	</p>
{/if}
