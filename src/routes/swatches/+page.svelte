<script lang="ts">
	import SwatchList from '$lib/swatch/SwatchList.svelte';

	let { data } = $props();
</script>

<SwatchList {data} />
