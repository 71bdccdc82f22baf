<script lang="ts">
	import SwatchDesk from '$lib/swatch/SwatchDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<SwatchDesk {data} />
{/key}
