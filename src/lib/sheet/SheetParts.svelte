<script lang="ts">
	import type { SheetChoices } from './choices.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** Which parts go home, and in which order. */
	let { choices }: { choices: SheetChoices } = $props();
</script>

<ol>
	{#each choices.parts as { id, title }, i (id)}
		<li class="flex items-center gap-1 border-t border-hairline">
			<label class="flex min-h-11 min-w-0 flex-1 cursor-pointer items-center gap-3">
				<input
					type="checkbox"
					class="size-5 flex-none accent-base-content"
					checked={choices.home.includes(id)}
					onchange={() => choices.toggle(id)}
				/>
				<span class="truncate">{title || 'Untitled'}</span>
			</label>
			<button
				type="button"
				class="grid size-11 place-items-center rounded-xl hover:bg-base-200 disabled:opacity-30"
				disabled={i === 0}
				onclick={() => choices.move(id, -1)}
				aria-label="Earlier: {title}"><Icon name="arrow-up" size={18} /></button
			>
			<button
				type="button"
				class="grid size-11 place-items-center rounded-xl hover:bg-base-200 disabled:opacity-30"
				disabled={i === choices.parts.length - 1}
				onclick={() => choices.move(id, 1)}
				aria-label="Later: {title}"><Icon name="arrow-down" size={18} /></button
			>
		</li>
	{:else}
		<li>This lesson has no parts yet.</li>
	{/each}
</ol>
