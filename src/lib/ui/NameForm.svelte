<script lang="ts">
	import type { Snippet } from 'svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Makes a new thing of a list by its name; beside the button, other ways to come to one. */
	let {
		label,
		placeholder,
		main = false,
		trouble,
		onmake,
		field = $bindable(),
		children
	}: {
		label: string;
		placeholder: string;
		/** whether this is what the page is for */
		main?: boolean;
		trouble: string | null;
		/** with the name, or nothing where none was written */
		onmake: (title: string) => void;
		field?: HTMLInputElement;
		children: Snippet;
	} = $props();

	const say = ui(getSettings());
	let title = $state('');
</script>

<form
	class="mt-5 flex flex-wrap items-end gap-3 border-b border-hairline pb-7"
	onsubmit={(event) => {
		event.preventDefault();
		onmake(title.trim());
	}}
>
	<label class="min-w-60 flex-1">
		<span class="mb-1 block text-quiet">{label}</span>
		<input
			bind:this={field}
			class="input text-lg"
			bind:value={title}
			maxlength="200"
			autocomplete="off"
			{placeholder}
		/>
	</label>
	<button class="btn {main ? 'btn-primary' : 'btn-outline'}"
		>{say('ui-create')} <kbd class="kbd hidden sm:inline-block">Enter</kbd></button
	>
	{@render children()}
	{#if trouble}<p class="w-full font-semibold text-error" role="alert">{trouble}</p>{/if}
</form>
