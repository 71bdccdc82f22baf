<script lang="ts">
	import SheetDesk from '$lib/sheet/SheetDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<SheetDesk {data} />
{/key}
