<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { getSettings } from '$lib/client/settings.svelte';
	import { follow } from '$lib/words/follow';

	/** A class that was closed, or a code that opens none: what a learner can do then. */
	const say = follow(getSettings());
</script>

<svelte:head><title>{say('follow-not-open')} · Pond Loop</title></svelte:head>

<main class="mx-auto grid max-w-xl gap-5 px-6 py-16">
	<h1 class="text-3xl">{say(page.status === 404 ? 'follow-not-open-head' : 'follow-failed')}</h1>
	<p class="text-lg">{page.error?.message}</p>
	{#if page.status === 404}
		<p class="text-lg">
			{say('follow-not-open-why')}
		</p>
	{/if}
	<p><a class="btn btn-primary" href={resolve('/follow')}>{say('follow-other-code')}</a></p>
</main>
