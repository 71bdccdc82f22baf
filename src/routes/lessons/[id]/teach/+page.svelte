<script lang="ts">
	import StageWindow from '$lib/stage/StageWindow.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<StageWindow {data} />
{/key}
