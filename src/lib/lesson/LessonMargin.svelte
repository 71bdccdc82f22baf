<script lang="ts">
	import type { Checked } from '$core/planning/check';
	import ChecksPanel from './ChecksPanel.svelte';
	import HomeworkPanel from './HomeworkPanel.svelte';
	import MaterialsPanel from './MaterialsPanel.svelte';
	import type { OpenLesson } from './openLesson.svelte';
	import WhoComes from './WhoComes.svelte';

	/** What stands beside the parts: it comes as one, so that nothing moves from under a finger. */
	let {
		open,
		checked,
		onchoose,
		onagain
	}: {
		open: OpenLesson;
		checked: Checked;
		onchoose: (id: string) => void;
		/** drafts the lesson again around what was changed */
		onagain: () => void;
	} = $props();
</script>

<ChecksPanel {open} {checked} {onchoose} {onagain} />
<MaterialsPanel {open} />
<WhoComes {open} />
<HomeworkPanel {open} />
