<script lang="ts">
	import type { Job } from '$lib/wire/job';
	import type { SheetJobs } from './jobs.svelte';
	import SheetJob from './SheetJob.svelte';

	/** What is being made, and was: at the button that asked for it, or in the list of all. It goes on while the page is away. */
	let {
		list,
		label,
		jobs,
		onlook
	}: { list: readonly Job[]; label: string; jobs: SheetJobs; onlook?: (job: Job) => void } = $props();
</script>

{#if list.length > 0}
	<ul class="mt-3 grid max-h-96 gap-2 overflow-y-auto" aria-label={label} aria-live="polite">
		{#each list as job (job.id)}
			<li class="border-t border-hairline pt-2"><SheetJob {job} {jobs} {onlook} /></li>
		{/each}
	</ul>
{/if}
