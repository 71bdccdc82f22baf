<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { enhance } from '$app/forms';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { forgetKept } from '$lib/client/kept';
	import { getSettings } from '$lib/client/settings.svelte';
	import { account } from '$lib/words/account';

	onMount(() => void forgetKept());

	const say = account(getSettings());
	let { data, form } = $props();
</script>

<svelte:head><title>{say('account-sign-in')} · Pond Loop</title></svelte:head>

<div class="mx-auto grid max-w-5xl gap-x-20 gap-y-12 px-5 pt-12 pb-16 md:grid-cols-[1fr_1fr] md:pt-24">
	<div>
		<h1 class="text-5xl leading-tight font-semibold">{say('account-welcome')}</h1>
		<p class="mt-5 text-xl leading-relaxed">
			{say('account-welcome-lead')}
		</p>
		{#if data.demo}
			<form method="post" action="?/demo" class="mt-8">
				<input type="hidden" name="to" value={data.to} />
				<button class="btn min-h-14 btn-outline px-6 text-lg">{say('account-demo')}</button>
				<p class="mt-3 max-w-sm text-quiet">
					{say('account-demo-lead')}
				</p>
			</form>
		{/if}
	</div>
	<form method="post" action="?/signin" use:enhance={keepTyped} class="grid content-start gap-4">
		<h2 class="text-2xl">{say('account-sign-in')}</h2>
		<input type="hidden" name="to" value={data.to} />
		<Field
			label={say('account-sign-in-name')}
			name="sign-in"
			defaultValue={form?.signIn ?? ''}
			autocomplete="username"
			autocapitalize="off"
			required
		/>
		<PasswordField label={say('account-password')} name="password" />
		<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
		<button class="btn min-h-14 justify-center text-lg btn-primary">{say('account-sign-in')}</button>
		<p>
			{say('account-new-here')}
			<a class="font-semibold underline underline-offset-3" href={resolve('/join')}>{say('account-create')}</a
			>
			·
			<a class="font-semibold underline underline-offset-3" href={resolve('/recover')}
				>{say('account-forgot')}</a
			>
		</p>
	</form>
</div>
<PondEdge />
