<script lang="ts">
	import type { OpenLesson } from '$lib/lesson.svelte';

	/** Swatches of the lesson that were changed since it took their rows: what is other now, and a press that takes it over. */
	let {
		open,
		sources
	}: { open: OpenLesson; sources: readonly { id: string; title: string; text: string }[] } = $props();

	const changed = $derived(
		sources.flatMap((source) => {
			const taken = open.lesson.swatches.find(({ id }) => id === source.id);
			if (!taken || taken.text === source.text) return [];
			const [then, now] = [taken.text, source.text].map((text) => text.split('\n'));
			return [
				{
					source,
					gone: then.filter((line) => !now.includes(line)),
					come: now.filter((line) => !then.includes(line))
				}
			];
		})
	);
</script>

{#each changed as { source, gone, come } (source.id)}
	<section class="mt-3 grid gap-2 rounded-2xl border-[1.5px] border-warning p-4" aria-label="Changed since">
		<p class="font-semibold">“{source.title}” was changed since this lesson took its rows.</p>
		<details>
			<summary class="cursor-pointer">What is other now</summary>
			<div class="mt-2 grid gap-2 sm:grid-cols-2">
				<div>
					<p class="text-sm text-quiet">The lesson says</p>
					<pre class="font-mono whitespace-pre-wrap">{gone.join('\n') ||
							'(nothing that is not there still)'}</pre>
				</div>
				<div>
					<p class="text-sm text-quiet">The swatch says</p>
					<pre class="font-mono whitespace-pre-wrap">{come.join('\n') || '(nothing new)'}</pre>
				</div>
			</div>
		</details>
		<div>
			<button type="button" class="press" onclick={() => open.change({ kind: 'put-swatch', swatch: source })}
				>Take the new rows</button
			>
		</div>
	</section>
{/each}
