<script lang="ts">
	import Programme from '$lib/course/Programme.svelte';

	let { data } = $props();
</script>

<Programme {data} />
