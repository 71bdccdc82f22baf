<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Icon from '$lib/ui/Icon.svelte';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import { getSettings } from '$lib/client/settings.svelte';
	import { account } from '$lib/words/account';

	/** Codes for the day a password is forgotten: made anew, shown once, to be printed. */
	let { data, form } = $props();

	const settings = getSettings();
	const say = account(settings);
	const codes = $derived(form?.codes ?? null);
	const today = new Date().toLocaleDateString(settings.locale, {
		day: 'numeric',
		month: 'long',
		year: 'numeric'
	});
</script>

<svelte:head><title>{say('account-codes')} · Pond Loop</title></svelte:head>

<div class="min-h-dvh bg-base-100 text-base-content" data-theme="day">
	<div class="mx-auto max-w-2xl px-5 py-8">
		<nav class="flex flex-wrap gap-3 print:hidden" aria-label={say('account-codes')}>
			<a class="btn" href={resolve('/account')}>{say('account-codes-back')}</a>
			{#if codes}
				<button type="button" class="btn btn-primary" onclick={() => print()}
					><Icon name="printer" size={18} /> {say('account-codes-print')}</button
				>
			{/if}
		</nav>
		<h1 class="mt-7 text-4xl">{say('account-codes')}</h1>
		{#if codes}
			<p class="mt-3 text-lg">
				{say('account-codes-for', { name: data.teacher?.name ?? '', day: today })}
			</p>
			<ol
				class="mt-6 grid gap-x-12 gap-y-3 sm:grid-cols-2 print:grid-cols-2"
				aria-label={say('account-codes-yours')}
			>
				{#each codes as code (code)}
					<li class="flex items-center gap-4 border-b border-hairline py-2">
						<span class="size-6 rounded-md border-[1.5px] border-base-content" aria-hidden="true"></span>
						<span class="font-mono text-xl tracking-wide">{code}</span>
					</li>
				{/each}
			</ol>
			<p class="mt-6">
				{say('account-codes-keep')}
			</p>
		{:else}
			<p class="mt-3 text-lg">
				{say('account-codes-why')}
			</p>
			<p class="mt-2 text-lg">
				{say('account-codes-have', { count: data.left })}
			</p>
			<form method="post" class="mt-6 grid max-w-md gap-3" use:enhance={keepTyped}>
				<PasswordField label={say('account-confirm-password')} name="password" />
				<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
				<div><button class="btn btn-primary">{say('account-codes-create')}</button></div>
			</form>
		{/if}
	</div>
</div>
