<script lang="ts">
	import PieceDesk from '$lib/log/PieceDesk.svelte';

	let { data } = $props();
</script>

{#key data.kept.id}<PieceDesk kept={data.kept} />{/key}
