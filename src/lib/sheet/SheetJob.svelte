<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Job } from '$lib/wire/job';
	import type { SheetJobs } from './jobs.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** One file: how far it is made, and then what can be done with it. */
	let { job, jobs, onlook }: { job: Job; jobs: SheetJobs; onlook?: (job: Job) => void } = $props();
</script>

<div class="grid gap-1.5" data-job={job.id}>
	{#if job.state === 'waiting'}
		<p>Being made …</p>
		<div class="flex items-center gap-3">
			<progress class="h-3 w-full flex-1 accent-base-content" value={job.done} max={job.of}
				>{job.done} of {job.of}</progress
			>
			<button type="button" class="btn" onclick={() => jobs.drop(job.id)}>Stop</button>
		</div>
	{:else if job.state === 'done'}
		<p class="font-semibold wrap-anywhere">{job.name}</p>
		<p class="flex flex-wrap gap-2">
			<a class="btn btn-outline" href={resolve('/jobs/[id]', { id: job.id })} download
				><Icon name="download" size={17} /> Save</a
			>
			{#if onlook && job.name?.endsWith('.pdf')}
				<button type="button" class="btn" onclick={() => onlook(job)} aria-label="See the pages of {job.name}"
					>See it</button
				>
			{/if}
			<button type="button" class="btn" onclick={() => jobs.drop(job.id)} aria-label="Throw away {job.name}"
				>Throw away</button
			>
		</p>
	{:else}
		<p class="font-semibold text-error">{job.state === 'failed' ? job.said : 'Called off.'}</p>
		<p>
			<button type="button" class="btn" onclick={() => jobs.drop(job.id)}>Take it off the list</button>
		</p>
	{/if}
</div>
