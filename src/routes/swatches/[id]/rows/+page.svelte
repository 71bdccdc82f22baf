<script lang="ts">
	import RowsPage from '$lib/swatch/RowsPage.svelte';

	let { data } = $props();
</script>

<RowsPage {data} />
