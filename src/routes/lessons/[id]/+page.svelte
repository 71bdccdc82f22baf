<script lang="ts">
	import LessonDesk from '$lib/components/LessonDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<LessonDesk page={data} />
{/key}
