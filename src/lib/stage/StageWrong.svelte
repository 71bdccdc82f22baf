<script lang="ts">
	import { namesOf } from '$core/lesson/learners';
	import { newId } from '$lib/client/id';
	import { namesIn, toggledName } from '$core/teaching/writeUp';
	import AskWrong from '$lib/mending/AskWrong.svelte';
	import CauseView from '$lib/mending/CauseView.svelte';
	import PlayedHere from '$lib/mending/PlayedHere.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import type { Wrong } from './moment';
	import StageDrawer from './StageDrawer.svelte';
	import type { Stage } from './stage.svelte';

	/** A learner holds up a cloth that is wrong: what it should be, what happened to it, and its mend on the screen. */
	let {
		stage,
		folded = $bindable(false),
		onclose
	}: {
		stage: Stage;
		/** on a narrow page, out of the way of what is played */
		folded?: boolean;
		onclose: () => void;
	} = $props();

	const wrong = $derived(stage.moment.wrong);
	const finding = $derived(stage.finding);
	const put = (fields: Partial<Wrong>) => wrong && stage.putWrong({ ...wrong, ...fields });
	const learners = $derived(namesOf(stage.lesson));

	// What is played wants the room.
	const view = $derived(finding?.cause ? finding.trouble.view : 'cloth');
	$effect(() => {
		folded = view !== 'cloth';
	});

	/** Another cloth, of the same crossing or of another one. */
	function another(crossing = wrong?.crossing) {
		const next = stage.wrongHere(newId());
		if (next && wrong && crossing) stage.putWrong({ ...next, crossing, shown: wrong.shown });
	}
</script>

<StageDrawer title="Something is wrong" sheet {folded} {onclose}>
	{#snippet leave()}Back <kbd class="kbd hidden sm:inline-block">F</kbd>{/snippet}
	{#snippet tools()}
		{#if folded}
			<button type="button" class="btn min-[60rem]:hidden" onclick={() => (folded = false)}>The mends</button>
		{/if}
	{/snippet}
	{#if stage.lesson.crossings.length === 0}
		<p class="mt-4">This lesson has no crossing yet.</p>
	{:else if wrong}
		<div class="mt-3 grid gap-3">
			<label class="flex items-center gap-2"
				><input
					type="checkbox"
					class="size-5 accent-base-content"
					checked={wrong.shown}
					onchange={(event) => put({ shown: event.currentTarget.checked })}
				/> The class looks on</label
			>
			{#if stage.lesson.crossings.length > 1}
				<Choices
					label="It should be"
					value={wrong.crossing}
					choices={stage.lesson.crossings.map(({ id, name }) => ({ value: id, label: name }))}
					onchoose={another}
				/>
			{/if}
		</div>
		{#if finding}
			<div class="mt-4 grid grid-cols-1 gap-4">
				<AskWrong {finding} />
				{#if finding.cause}
					{#if !wrong.shown}<PlayedHere {finding} />{/if}
					<CauseView {finding} />
					<div>
						<h3 class="text-lg">Whose is it?</h3>
						{#if learners.length > 0}
							<p class="mt-1 flex flex-wrap gap-2">
								{#each learners as name (name)}
									<button
										type="button"
										class="btn btn-sm"
										aria-pressed={namesIn(wrong.who).includes(name)}
										onclick={() => put({ who: toggledName(wrong.who, name) })}>{name}</button
									>
								{/each}
							</p>
						{/if}
						<input
							class="input mt-2 w-full"
							aria-label="Whose is it"
							maxlength="200"
							placeholder="a name, if you like"
							value={wrong.who}
							oninput={(event) => put({ who: event.currentTarget.value })}
						/>
						<p class="mt-1 text-sm text-quiet">
							Kept with the class: the next draft shows the slip that was seen.
						</p>
						<p class="mt-2">
							<button type="button" class="btn" onclick={() => another()}>Another cloth</button>
						</p>
					</div>
				{/if}
			</div>
		{/if}
	{/if}
</StageDrawer>
