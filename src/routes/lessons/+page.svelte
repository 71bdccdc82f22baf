<script lang="ts">
	import LessonList from '$lib/lesson/LessonList.svelte';

	let { data } = $props();
</script>

<LessonList {data} />
