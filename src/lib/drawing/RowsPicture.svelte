<script lang="ts">
	import { rowsWorked } from '$core/lesson/rows';
	import SwatchPicture from './SwatchPicture.svelte';

	/** Rows as the cloth they make, whole; nothing where they make none. */
	let { text }: { text: string } = $props();

	const rows = $derived(rowsWorked(text));
</script>

{#if rows.ok}<SwatchPicture working={rows.value} fit="whole" />{/if}
