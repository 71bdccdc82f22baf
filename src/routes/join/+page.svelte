<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { account } from '$lib/words/account';

	const say = account(getSettings());
	let { form } = $props();
</script>

<svelte:head><title>{say('account-create')} · Pond Loop</title></svelte:head>

<form method="post" use:enhance={keepTyped} class="mx-auto grid max-w-lg gap-4 px-5 pt-12 pb-16">
	<h1 class="text-4xl font-semibold">{say('account-create')}</h1>
	<p class="text-lg">
		{say('account-create-lead')}
	</p>
	<Field
		label={say('account-your-name')}
		name="name"
		defaultValue={form?.name ?? ''}
		autocomplete="name"
		maxlength={80}
		required
	/>
	<Field
		label={say('account-sign-in-name')}
		name="sign-in"
		defaultValue={form?.signIn ?? ''}
		autocomplete="username"
		autocapitalize="off"
		maxlength={80}
		required
	/>
	<PasswordField label={say('account-password')} name="password" fresh />
	<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
	<button class="btn min-h-14 justify-center text-lg btn-primary">{say('account-create-do')}</button>
	<p class="text-quiet">
		{say('account-no-mail')}
	</p>
	<p>
		{say('account-have-one')}
		<a class="font-semibold underline underline-offset-3" href={resolve('/sign-in')}
			>{say('account-sign-in')}</a
		>
	</p>
</form>
<PondEdge />
