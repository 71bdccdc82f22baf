<script lang="ts" generics="Panel extends string">
	/** What stands beside the work: one panel at a time, all of them named. */
	let {
		panels,
		label,
		chosen = $bindable()
	}: { panels: Readonly<Record<Panel, string>>; label: string; chosen: Panel } = $props();

	const entries = $derived(Object.entries(panels) as [Panel, string][]);
</script>

<div
	class="sticky top-0 z-10 flex flex-wrap border-b border-hairline bg-base-100 px-3"
	role="group"
	aria-label={label}
>
	{#each entries as [id, words] (id)}
		<button
			type="button"
			class="min-h-12 border-b-3 px-2.5 {chosen === id
				? 'border-base-content font-semibold'
				: 'border-transparent text-quiet hover:text-base-content'}"
			aria-pressed={chosen === id}
			onclick={() => (chosen = id)}>{words}</button
		>
	{/each}
</div>
