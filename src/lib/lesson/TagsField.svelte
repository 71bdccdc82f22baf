<script lang="ts">
	import { untrack } from 'svelte';
	import { outbox } from '$lib/client/outbox.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { tagsAt } from '$lib/wire/lesson';

	/** Words of the teacher's own that a lesson is found by. */
	let { lesson, tags }: { lesson: string; tags: readonly string[] } = $props();

	let now = $state.raw(untrack(() => tags));
	let text = $state('');

	function keep(next: readonly string[]) {
		now = next;
		outbox.post(tagsAt(lesson), { tags: next }, `tags ${lesson}`);
	}

	function add(event: SubmitEvent) {
		event.preventDefault();
		const fresh = text
			.toLowerCase()
			.split(',')
			.map((tag) => tag.trim().slice(0, 40))
			.filter((tag) => tag !== '' && !now.includes(tag));
		text = '';
		if (fresh.length > 0) keep([...now, ...new Set(fresh)].slice(0, 20));
	}
</script>

<form class="flex flex-wrap items-center gap-2" onsubmit={add}>
	{#each now as tag (tag)}
		<span class="flex items-center rounded-full border border-hairline bg-base-100 pl-3.5">
			{tag}
			<button
				type="button"
				class="grid min-h-9 min-w-9 place-items-center rounded-full hover:bg-base-200"
				aria-label="Take the tag “{tag}” off"
				onclick={() => keep(now.filter((other) => other !== tag))}><Icon name="x" size={15} /></button
			>
		</span>
	{/each}
	<label>
		<span class="sr-only">Tag it with</span>
		<input class="input w-36!" bind:value={text} placeholder="Add a tag" maxlength="200" autocomplete="off" />
	</label>
</form>
