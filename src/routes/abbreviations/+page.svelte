<script lang="ts">
	import KeyDesk from '$lib/key/KeyDesk.svelte';

	let { data } = $props();
</script>

<KeyDesk {data} />
