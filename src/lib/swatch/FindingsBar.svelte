<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import type { Findings } from './findings.svelte';

	/** How many things are wrong or to be looked at, and the way to the next of them. */
	let { findings, onnext }: { findings: Findings; onnext: () => void } = $props();
</script>

<div class="flex flex-wrap items-center gap-2 empty:hidden">
	{#if findings.said}
		<button type="button" class="btn btn-outline" onclick={onnext}>
			{findings.said} <kbd class="kbd hidden sm:inline-block">F8</kbd>
		</button>
	{/if}
	{#if findings.noted > 0}
		<button
			type="button"
			class="btn"
			aria-pressed={findings.notes}
			onclick={() => (findings.notes = !findings.notes)}
			>{findings.notes ? 'Without notes' : counted(findings.noted, 'note')}</button
		>
	{/if}
</div>
