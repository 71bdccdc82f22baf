<script lang="ts">
	import AfterClass from '$lib/stage/AfterClass.svelte';

	let { data } = $props();
</script>

{#key data.page.id}
	<AfterClass {data} />
{/key}
