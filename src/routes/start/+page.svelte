<script lang="ts">
	import FirstSteps from '$lib/start/FirstSteps.svelte';
</script>

<FirstSteps />
