<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';

	/** A class that was closed, or a code that opens none: what a learner can do then. */
</script>

<svelte:head><title>Not open · Pond Loop</title></svelte:head>

<main class="mx-auto grid max-w-xl gap-5 px-6 py-16">
	<h1 class="text-3xl">{page.status === 404 ? 'No class is open here' : 'That did not work'}</h1>
	<p class="text-lg">{page.error?.message}</p>
	{#if page.status === 404}
		<p class="text-lg">
			Your teacher may have closed the class: then its lesson is no longer on this phone either. Ask your
			teacher for the code of the next one.
		</p>
	{/if}
	<p><a class="btn btn-primary" href={resolve('/follow')}>Enter another code</a></p>
</main>
