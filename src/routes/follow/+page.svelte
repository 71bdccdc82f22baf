<script lang="ts">
	import { resolve } from '$app/paths';
	import Field from '$lib/ui/Field.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { follow } from '$lib/words/follow';

	const say = follow(getSettings());
</script>

<svelte:head><title>{say('follow-title')} · Pond Loop</title></svelte:head>

<form action={resolve('/follow')} class="mx-auto grid max-w-lg gap-4 px-5 pt-12 pb-16">
	<h1 class="text-4xl font-semibold">{say('follow-title')}</h1>
	<p class="text-lg">
		{say('follow-code-lead')}
	</p>
	<Field
		label={say('follow-code')}
		name="code"
		autocomplete="off"
		autocapitalize="characters"
		maxlength={20}
		required
	/>
	<button class="btn min-h-14 justify-center text-lg btn-primary">{say('follow-join')}</button>
</form>
<PondEdge />
