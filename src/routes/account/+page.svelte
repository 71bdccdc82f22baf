<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { postFile } from '$lib/client/requests';
	import { ARCHIVE, ARCHIVE_WITH_LEARNERS, broughtInOf } from '$lib/wire/archive';
	import MakeButton from '$lib/ui/MakeButton.svelte';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import { install } from '$lib/client/device.svelte';
	import { save } from '$lib/ui/save';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { account } from '$lib/words/account';

	const say = account(getSettings());
	let { data, form } = $props();

	let said = $state<string | null>(null);
	let wrong = $state<string | null>(null);
	let bringing = $state(false);
	let withLearners = $state(false);

	async function bringIn(file: File) {
		[said, wrong, bringing] = [null, null, true];
		const answer = await postFile(ARCHIVE, file);
		const brought = answer.ok ? broughtInOf(answer.value) : answer;
		if (brought.ok) {
			const { lessons, swatches, courses, pieces, learners, pictures } = brought.value;
			said = say('account-data-imported', {
				what: [
					say('account-data-lessons', { count: lessons }),
					say('account-data-swatches', { count: swatches }),
					say('account-data-courses', { count: courses }),
					say('account-data-pieces', { count: pieces }),
					...(learners > 0 ? [say('account-data-classes', { count: learners })] : []),
					say('account-data-pictures', { count: pictures })
				]
			});
		} else wrong = brought.error.message;
		bringing = false;
	}
	const teacher = $derived(data.teacher!);

	async function takeArchive() {
		const response = await fetch(withLearners ? ARCHIVE_WITH_LEARNERS : ARCHIVE).catch(() => null);
		if (!response?.ok) return say('account-data-away');
		save(await response.blob(), `${say('account-data-file')}.zip`);
	}
</script>

<svelte:head><title>{say('account-title')} · Pond Loop</title></svelte:head>

{#snippet answer(about: string)}
	<p role={form?.about === about ? 'alert' : undefined} class="font-semibold empty:hidden">
		{form?.about === about ? form.message : ''}
	</p>
{/snippet}

<div class="mx-auto grid max-w-5xl gap-x-16 gap-y-12 px-5 pt-10 pb-16 md:grid-cols-2">
	<div class="grid content-start gap-10">
		{#if teacher.demo}
			<div class="grid gap-3">
				<h1 class="text-4xl font-semibold" translate="no">{teacher.name}</h1>
				<p class="text-lg">
					{say('account-demo-shared')}
				</p>
				<div><a class="btn btn-primary" href={resolve('/join')}>{say('account-create')}</a></div>
			</div>
			<form method="post" action="?/anew" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">{say('account-demo-reset')}</h2>
				<p>{say('account-demo-reset-what')}</p>
				{@render answer('anew')}
				<div><button class="btn btn-outline">{say('account-demo-reset-do')}</button></div>
			</form>
		{:else}
			<form method="post" action="?/name" class="grid gap-3">
				<h1 class="text-4xl font-semibold" translate="no">{teacher.name}</h1>
				<Field
					label={say('account-your-name')}
					name="name"
					defaultValue={teacher.name}
					maxlength={80}
					autocomplete="name"
					required
				/>
				{@render answer('name')}
				<div><button class="btn btn-outline">{say('account-save-name')}</button></div>
			</form>
		{/if}
		<form method="post" class="grid gap-3">
			<h2 class="text-2xl">{say('account-sign-out')}</h2>
			<div class="flex flex-wrap gap-3">
				<button class="btn btn-primary" formaction="?/out">{say('account-sign-out-here')}</button>
				{#if !teacher.demo}<button class="btn btn-outline" formaction="?/everywhere"
						>{say('account-sign-out-everywhere')}</button
					>{/if}
			</div>
			<p class="text-quiet">
				{say('account-unsent')}
			</p>
		</form>
		<section class="grid gap-3">
			<h2 class="text-2xl">{say('account-device')}</h2>
			{#if install.installed}
				<p>{say('account-installed')}</p>
			{:else if install.offered}
				<div>
					<button type="button" class="btn btn-outline" onclick={() => install.ask()}
						>{say('account-install')}</button
					>
				</div>
			{:else}
				<p>
					{say('account-install-how')}
				</p>
			{/if}
			<p class="text-quiet">
				{say('account-offline')}
			</p>
		</section>
	</div>
	<div class="grid content-start gap-10">
		<section class="grid gap-3">
			<h2 class="text-2xl">{say('account-data')}</h2>
			<p>
				{say('account-data-what')}
			</p>
			<label class="flex min-h-11 items-center gap-2"
				><input type="checkbox" class="size-5 accent-base-content" bind:checked={withLearners} />
				{say('account-data-learners')}</label
			>
			<div class="flex flex-wrap gap-3">
				<MakeButton make={takeArchive}>{say('account-data-download')}</MakeButton>
				<label class="btn cursor-pointer focus-within:outline-3">
					{say(bringing ? 'account-data-importing' : 'account-data-import')}
					<input
						class="sr-only"
						type="file"
						accept=".zip,application/zip"
						disabled={bringing}
						onchange={(event) => {
							const file = event.currentTarget.files?.[0];
							event.currentTarget.value = '';
							if (file) void bringIn(file);
						}}
					/>
				</label>
			</div>
			<p class="text-quiet">
				{say('account-data-added')}
			</p>
			<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
			<p role="status" class="font-semibold empty:hidden">{said ?? ''}</p>
		</section>
		{#if !teacher.demo}
			<form method="post" action="?/password" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">{say('account-change-password')}</h2>
				<PasswordField label={say('account-current-password')} name="now" />
				<PasswordField label={say('account-new-password')} name="next" fresh />
				{@render answer('password')}
				<div><button class="btn btn-outline">{say('account-change-password')}</button></div>
			</form>
			<section class="grid gap-3">
				<h2 class="text-2xl">{say('account-codes')}</h2>
				<p>
					{say('account-codes-left', { count: data.codes })}
				</p>
				<div>
					<a class="btn btn-outline" href={resolve('/account/codes')}
						>{say(data.codes === 0 ? 'account-codes-make' : 'account-codes-anew')}</a
					>
				</div>
			</section>
			<form method="post" action="?/delete" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">{say('account-delete')}</h2>
				<p>
					{say('account-delete-what')}
				</p>
				<PasswordField label={say('account-confirm-password')} name="password" />
				{@render answer('delete')}
				<div><button class="btn btn-outline">{say('account-delete')}</button></div>
			</form>
		{/if}
	</div>
</div>
<PondEdge />
