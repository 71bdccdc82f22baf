<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Pond Loop</title></svelte:head>

<div class="mx-auto grid max-w-xl gap-5 px-6 py-20">
	<h1 class="text-4xl">{page.status === 404 ? 'Nothing lies here' : 'Something slipped'}</h1>
	<p class="text-lg">{page.error?.message}</p>
	<p class="flex flex-wrap gap-3">
		<a class="btn btn-primary" href={resolve('/')}>Go to Crosses</a>
		<a class="btn btn-outline" href={resolve('/lessons')}>To the lessons</a>
	</p>
</div>
