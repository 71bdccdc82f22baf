<script lang="ts">
	import ClassDesk from '$lib/practice/ClassDesk.svelte';

	let { data } = $props();
</script>

<ClassDesk {data} />
