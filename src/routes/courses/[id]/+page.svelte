<script lang="ts">
	import CourseDesk from '$lib/course/CourseDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<CourseDesk {data} />
{/key}
