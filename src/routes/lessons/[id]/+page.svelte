<script lang="ts">
	import LessonDesk from '$lib/lesson/LessonDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<LessonDesk page={data} />
{/key}
