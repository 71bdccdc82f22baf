<script lang="ts">
	import LessonDesk from '$lib/components/LessonDesk.svelte';

	let { data } = $props();
</script>

{#key data.id}
	<LessonDesk id={data.id} version={data.version} lesson={data.lesson} sources={data.sources} />
{/key}
