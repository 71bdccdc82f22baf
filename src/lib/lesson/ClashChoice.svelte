<script lang="ts">
	import type { LessonClash, OpenLesson } from './openLesson.svelte';

	/** Two pages wrote in one place of a lesson: what each says, and a choice for that part. */
	let { open, clash }: { open: OpenLesson; clash: LessonClash } = $props();

	const theirs = $derived(clash.theirs.parts.find(({ id }) => id === clash.part));
	const title = $derived(
		clash.part === null
			? 'the lesson itself'
			: `“${theirs?.title ?? open.lesson.parts.find(({ id }) => id === clash.part)?.title ?? 'a part'}”`
	);
	const mine = $derived('fields' in clash.mine ? (clash.mine.fields as Record<string, unknown>) : {});
	const other = $derived((clash.part === null ? clash.theirs : (theirs ?? {})) as Record<string, unknown>);
	const fields = $derived(clash.fields.length > 0 ? clash.fields : Object.keys(mine));
	const gone = $derived(clash.part !== null && !theirs);
</script>

{#snippet said(field: string, value: unknown)}
	<p class="mt-2">
		<span class="block text-sm text-quiet">{field}</span>
		<span class="whitespace-pre-wrap">{value}</span>
	</p>
{/snippet}

<p>Two pages changed {title}. Everything else is put together already. Which one is to stand here?</p>
<div class="my-4 grid gap-4 sm:grid-cols-2">
	<div class="rounded-xl border border-hairline p-4">
		<p class="font-semibold">This page says</p>
		{#if clash.mine.kind === 'remove-part'}
			<p>It is removed.</p>
		{:else}
			{#each fields as field (field)}
				{@render said(field, mine[field])}
			{/each}
		{/if}
	</div>
	<div class="rounded-xl border border-hairline p-4">
		<p class="font-semibold">The other page says</p>
		{#if gone}
			<p>It is removed.</p>
		{:else if clash.mine.kind === 'remove-part'}
			<p class="whitespace-pre-wrap">{theirs?.title}{theirs?.text ? `\n${theirs.text}` : ''}</p>
		{:else}
			{#each fields as field (field)}
				{@render said(field, other[field] ?? '(nothing)')}
			{/each}
		{/if}
	</div>
</div>
<div class="flex flex-wrap gap-3">
	<button type="button" class="btn btn-primary" onclick={() => open.choose('mine')}>
		{gone ? 'Let it stay removed' : 'Keep this page’s'}
	</button>
	{#if !gone}
		<button type="button" class="btn btn-outline" onclick={() => open.choose('theirs')}
			>Take the other page’s</button
		>
	{/if}
</div>
