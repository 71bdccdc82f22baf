<script lang="ts">
	import PracticeDesk from '$lib/practice/PracticeDesk.svelte';

	let { data } = $props();
</script>

{#key data.link}
	<PracticeDesk {data} />
{/key}
