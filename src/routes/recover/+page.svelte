<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';

	let { form } = $props();
</script>

<svelte:head><title>Forgotten password · Pond Loop</title></svelte:head>

<form method="post" class="mx-auto grid max-w-lg gap-4 px-5 pt-12 pb-16" use:enhance={keepTyped}>
	<h1 class="text-4xl font-semibold">Forgotten password</h1>
	<p class="text-lg">
		Take one of the recovery codes that you printed, and choose a new password. Each code works once.
	</p>
	<Field
		label="Sign-in name"
		name="sign-in"
		defaultValue={form?.signIn ?? ''}
		autocomplete="username"
		autocapitalize="off"
		maxlength={80}
		required
	/>
	<Field
		label="A recovery code, as in 7KQM-2FXR-9DTA"
		name="code"
		defaultValue={form?.code ?? ''}
		autocomplete="off"
		autocapitalize="characters"
		maxlength={40}
		required
	/>
	<PasswordField label="A new password" name="password" fresh />
	<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
	<button class="btn min-h-14 justify-center text-lg btn-primary">Change it and sign in</button>
	<p class="text-quiet">
		No code at hand? Whoever runs this server cannot read your password either. Make a new account, and bring
		in your last archive there.
	</p>
	<p>
		<a class="font-semibold underline underline-offset-3" href={resolve('/sign-in')}>Back to signing in</a>
	</p>
</form>
<PondEdge />
