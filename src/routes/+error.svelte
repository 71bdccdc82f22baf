<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { getSettings } from '$lib/client/settings.svelte';
	import { account } from '$lib/words/account';

	const say = account(getSettings());
</script>

<svelte:head
	><title>{say(page.status === 404 ? 'account-not-found' : 'account-went-wrong')} · Pond Loop</title
	></svelte:head
>

<div class="mx-auto grid max-w-xl gap-5 px-6 py-20">
	<h1 class="text-4xl">{say(page.status === 404 ? 'account-not-found' : 'account-went-wrong')}</h1>
	<p class="text-lg">{page.error?.message}</p>
	<p class="flex flex-wrap gap-3">
		<a class="btn btn-primary" href={resolve('/')}>{say('account-go-crosses')}</a>
		<a class="btn btn-outline" href={resolve('/lessons')}>{say('account-go-lessons')}</a>
	</p>
</div>
