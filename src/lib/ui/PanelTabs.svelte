<script lang="ts" generics="Panel extends string">
	import type { Snippet } from 'svelte';

	/** What stands beside the work: one panel at a time, all of them named. Arrow keys go from tab to tab. */
	let {
		panels,
		label,
		spread = false,
		chosen = $bindable(),
		children
	}: {
		panels: Readonly<Partial<Record<Panel, string>>>;
		label: string;
		/** the tabs share the width; without, they are as wide as their words */
		spread?: boolean;
		chosen: Panel;
		/** the chosen panel; none where it stands elsewhere on the page */
		children?: Snippet;
	} = $props();

	const uid = $props.id();
	const entries = $derived(Object.entries(panels) as [Panel, string][]);

	function walk(event: KeyboardEvent) {
		const at = entries.findIndex(([id]) => id === chosen);
		const to = {
			ArrowRight: (at + 1) % entries.length,
			ArrowLeft: (at + entries.length - 1) % entries.length,
			Home: 0,
			End: entries.length - 1
		}[event.key];
		if (to === undefined) return;
		event.preventDefault();
		chosen = entries[to][0];
		document.getElementById(`${uid}-${chosen}`)?.focus();
	}
</script>

<div
	class="tabs-border sticky top-0 z-10 tabs border-b border-hairline bg-base-100 px-3 {spread
		? 'flex-nowrap'
		: ''}"
	role="tablist"
	tabindex="-1"
	aria-label={label}
	onkeydown={walk}
>
	{#each entries as [id, words] (id)}
		<button
			type="button"
			role="tab"
			id="{uid}-{id}"
			class="tab {spread ? 'flex-1' : ''} {entries.length > 4 ? 'px-2' : ''}"
			aria-selected={chosen === id}
			aria-controls={children ? `${uid}-panel` : undefined}
			tabindex={chosen === id ? 0 : -1}
			onclick={() => (chosen = id)}>{words}</button
		>
	{/each}
</div>
{#if children}
	<div role="tabpanel" id="{uid}-panel" aria-labelledby="{uid}-{chosen}" class="px-5 py-5">
		{@render children()}
	</div>
{/if}
