<script lang="ts">
	import LogDesk from '$lib/log/LogDesk.svelte';

	let { data } = $props();
</script>

<LogDesk {data} />
