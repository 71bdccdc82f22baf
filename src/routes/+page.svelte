<script lang="ts">
	import BenchDesk from '$lib/bench/BenchDesk.svelte';

	let { data } = $props();
</script>

<BenchDesk {data} />
