<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import ChecksPanel from './ChecksPanel.svelte';
	import HomeworkPanel from './HomeworkPanel.svelte';
	import MaterialsPanel from './MaterialsPanel.svelte';
	import WhoComes from './WhoComes.svelte';

	/** What stands beside the parts: it comes as one, so that nothing moves from under a finger. */
	const checks: ComponentProps<typeof ChecksPanel> = $props();
	const open = $derived(checks.open);
</script>

<ChecksPanel {...checks} />
<MaterialsPanel {open} />
<WhoComes {open} />
<HomeworkPanel {open} />
