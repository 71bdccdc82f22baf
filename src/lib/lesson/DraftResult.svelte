<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { counted } from '$core/naming/numbers';
	import { nameIn } from '$core/naming/schools';
	import type { Drafting } from './drafting.svelte';

	/** The draft as it would be kept: its parts, each with its reason, and what is left for another day. */
	let {
		drafting,
		minutes,
		canKeep,
		onnext,
		onsettle,
		onkeepall
	}: {
		drafting: Drafting;
		/** how long the class is to be */
		minutes: number;
		canKeep: boolean;
		/** drafts what was left for another day; what is left is only told without */
		onnext?: () => void;
		/** a name that may mean several crosses is written as one of them */
		onsettle: (name: string, clear: string) => void;
		onkeepall?: () => void;
	} = $props();

	const draft = $derived(drafting.draft);
	/** why each part is there is shown */
	let reasons = $state(false);
	const clearName = (crossing: Crossing) => {
		const { name, exact } = nameIn(crossing, 'over', draft?.ok ? draft.value.lesson.medium : 'hand');
		return exact ? name : null;
	};
</script>

<div class="grid content-start gap-3" aria-live="polite" aria-busy={drafting.errand.busy} data-testid="draft">
	{#if !draft}
		<p class="font-serif text-xl font-medium">
			{drafting.errand.busy ? 'Drafting …' : 'Nothing drafted yet.'}
		</p>
	{:else if draft.ok}
		<p class="font-serif text-xl font-medium">
			{draft.value.minutes} of {counted(minutes, 'minute')}, {counted(
				draft.value.lesson.parts.length,
				'part'
			)}
			<button
				type="button"
				class="ml-2 min-h-8 font-sans text-base font-semibold underline underline-offset-3"
				aria-pressed={reasons}
				onclick={() => (reasons = !reasons)}>{reasons ? 'without reasons' : 'with reasons'}</button
			>
		</p>
		<!-- A long list scrolls, so the keyboard must be able to come to it. -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<ol
			tabindex="0"
			aria-label="Parts of the draft"
			class="max-h-80 divide-y divide-hairline overflow-y-auto pr-2 lg:max-h-[calc(100dvh-17rem)]"
		>
			{#each draft.value.lesson.parts as part, i (part.id)}
				<li class="grid grid-cols-[4.4rem_1fr] py-1">
					<span class="text-quiet">{part.minutes} min</span>
					<span
						>{part.title}<span class={reasons ? 'block text-sm text-quiet' : 'sr-only'}
							>{draft.value.why[i].because}</span
						></span
					>
				</li>
			{/each}
		</ol>
		{#each draft.value.asks as { name, readings } (name)}
			<div role="note" class="rounded-xl border border-hairline px-4 py-3">
				<p>
					<strong>{name}</strong> may mean {readings.length} crosses; this draft takes the first. Which one is it?
				</p>
				<div class="mt-2 flex flex-wrap gap-2">
					{#each readings
						.map(({ crossing }) => clearName(crossing))
						.filter((clear) => clear !== null) as clear (clear)}
						<button type="button" class="btn min-h-11 btn-sm" onclick={() => onsettle(name, clear)}
							>{clear}</button
						>
					{/each}
				</div>
			</div>
		{/each}
		{#if draft.value.prepared}
			<p>The strip is cast on and set up at home before: the homework says how.</p>
		{/if}
		{#if draft.value.lesson.more}<p class="text-quiet">{draft.value.lesson.more}</p>{/if}
		{#if draft.value.left.length > 0}
			<p>
				For another day: <strong>{draft.value.left.join(', ')}</strong>.
				{#if onnext}
					<button type="button" class="font-semibold underline underline-offset-3" onclick={onnext}
						>Draft that one</button
					>
				{/if}
			</p>
		{/if}
	{:else}
		<p role="alert" class="font-semibold text-error">{draft.error.message}</p>
	{/if}
	<div class="flex flex-wrap gap-3">
		<button class="btn btn-primary" disabled={!canKeep || (drafting.fresh && !draft?.ok)}
			>Keep this lesson</button
		>
		{#if drafting.errand.long}
			<button type="button" class="btn" onclick={() => drafting.errand.stop()}>Stop drafting</button>
		{/if}
		{#if onkeepall && draft?.ok && drafting.fresh && draft.value.left.length > 0}
			<button type="button" class="btn btn-outline" onclick={onkeepall}
				>Keep it, and the rest as a course</button
			>
		{/if}
	</div>
</div>
