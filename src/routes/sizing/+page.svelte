<script lang="ts">
	import SumsDesk from '$lib/sums/SumsDesk.svelte';

	let { data } = $props();
</script>

{#key data.from?.id}<SumsDesk {data} />{/key}
