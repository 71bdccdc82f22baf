<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { counted } from '$core/naming/numbers';
	import Icon from '$lib/ui/Icon.svelte';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import { getSettings } from '$lib/client/settings.svelte';

	/** Codes for the day a password is forgotten: made anew, shown once, to be printed. */
	let { data, form } = $props();

	const settings = getSettings();
	const codes = $derived(form?.codes ?? null);
	const today = new Date().toLocaleDateString(settings.locale, {
		day: 'numeric',
		month: 'long',
		year: 'numeric'
	});
</script>

<svelte:head><title>Recovery codes · Pond Loop</title></svelte:head>

<div class="min-h-dvh bg-base-100 text-base-content" data-theme="day">
	<div class="mx-auto max-w-2xl px-5 py-8">
		<nav class="flex flex-wrap gap-3 print:hidden" aria-label="Recovery codes">
			<a class="btn" href={resolve('/account')}>Back to the account</a>
			{#if codes}
				<button type="button" class="btn btn-primary" onclick={() => print()}
					><Icon name="printer" size={18} /> Print them</button
				>
			{/if}
		</nav>
		<h1 class="mt-7 text-4xl">Recovery codes</h1>
		{#if codes}
			<p class="mt-3 text-lg">
				For {data.teacher?.name}, made on {today}. Each code opens the account once, with a new password:
				choose “Forgotten password” where you sign in.
			</p>
			<ol class="mt-6 grid gap-x-12 gap-y-3 sm:grid-cols-2 print:grid-cols-2" aria-label="Your codes">
				{#each codes as code (code)}
					<li class="flex items-center gap-4 border-b border-hairline py-2">
						<span class="size-6 rounded-md border-[1.5px] border-base-content" aria-hidden="true"></span>
						<span class="font-mono text-xl tracking-wide">{code}</span>
					</li>
				{/each}
			</ol>
			<p class="mt-6">
				They are not shown again. Keep them where you keep what matters; tick each one that you used. Codes
				from before work no more.
			</p>
		{:else}
			<p class="mt-3 text-lg">
				There is no mail here that could bring you a forgotten password. Eight codes on paper can: each lets
				you choose a new one, once.
			</p>
			<p class="mt-2 text-lg">
				{data.left === 0
					? 'You have none yet.'
					: `You have ${counted(data.left, 'code')} left; new ones take their place.`}
			</p>
			<form method="post" class="mt-6 grid max-w-md gap-3" use:enhance={keepTyped}>
				<PasswordField label="Password, to be sure" name="password" />
				<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
				<div><button class="btn btn-primary">Make eight codes</button></div>
			</form>
		{/if}
	</div>
</div>
