<script lang="ts">
	import { rowsWorked } from '$core/lesson/rows';
	import type { Medium } from '$core/technique/medium';
	import type { Hands } from '$core/ways/handed';
	import SwatchPicture from './SwatchPicture.svelte';

	/** Rows as the cloth they make, whole; nothing where they make none. */
	let { text, medium, hands }: { text: string; medium: Medium; hands: Hands } = $props();

	const rows = $derived(rowsWorked(text, medium));
</script>

{#if rows.ok}<SwatchPicture working={rows.value} {hands} fit="whole" />{/if}
