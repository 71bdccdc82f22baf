<script lang="ts">
	import FollowDesk from '$lib/follow/FollowDesk.svelte';

	let { data } = $props();
</script>

<!-- A lesson that was changed meanwhile is followed anew. -->
{#key `${data.code} ${data.now.lessonAt}`}
	<FollowDesk {data} />
{/key}
