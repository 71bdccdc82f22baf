<script lang="ts">
	import { rowsWorked } from '$core/lesson/rows';
	import type { Medium } from '$core/technique/medium';
	import SwatchPicture from './SwatchPicture.svelte';

	/** Rows as the cloth they make, whole; nothing where they make none. */
	let { text, medium }: { text: string; medium: Medium } = $props();

	const rows = $derived(rowsWorked(text, medium));
</script>

{#if rows.ok}<SwatchPicture working={rows.value} fit="whole" />{/if}
