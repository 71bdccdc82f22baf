<script lang="ts">
	import CourseList from '$lib/course/CourseList.svelte';

	let { data } = $props();
</script>

<CourseList courses={data.courses} />
