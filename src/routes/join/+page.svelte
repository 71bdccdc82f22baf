<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';

	let { form } = $props();
</script>

<svelte:head><title>Make an account · Pond Loop</title></svelte:head>

<form method="post" use:enhance={keepTyped} class="mx-auto grid max-w-lg gap-4 px-5 pt-12 pb-16">
	<h1 class="text-4xl font-semibold">Make an account</h1>
	<p class="text-lg">
		Your lessons, swatches, keys and sayings are yours: nobody else who signs in here sees them.
	</p>
	<Field
		label="The name your learners know you by"
		name="name"
		defaultValue={form?.name ?? ''}
		autocomplete="name"
		maxlength={80}
		required
	/>
	<Field
		label="A name to sign in with"
		name="sign-in"
		defaultValue={form?.signIn ?? ''}
		autocomplete="username"
		autocapitalize="off"
		maxlength={80}
		required
	/>
	<PasswordField label="A password" name="password" fresh />
	<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
	<button class="btn min-h-14 justify-center text-lg btn-primary">Create</button>
	<p class="text-quiet">
		There is no mail here to send you a forgotten password. Print recovery codes from your account, and keep
		an archive of your data now and then.
	</p>
	<p>
		Have one already? <a class="font-semibold underline underline-offset-3" href={resolve('/sign-in')}
			>Sign in</a
		>
	</p>
</form>
<PondEdge />
