<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { parseShape } from '$core/formats/json';
	import { counted } from '$core/naming/numbers';
	import { postFile } from '$lib/client/requests';
	import { ARCHIVE, ARCHIVE_WITH_LEARNERS, broughtInShape } from '$lib/wire/archive';
	import MakeButton from '$lib/ui/MakeButton.svelte';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import { install } from '$lib/client/device.svelte';
	import { save } from '$lib/ui/save';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PondEdge from '$lib/ui/PondEdge.svelte';

	let { data, form } = $props();

	let said = $state<string | null>(null);
	let wrong = $state<string | null>(null);
	let bringing = $state(false);
	let withLearners = $state(false);

	async function bringIn(file: File) {
		[said, wrong, bringing] = [null, null, true];
		const answer = await postFile(ARCHIVE, file);
		const brought = answer.ok ? parseShape(broughtInShape, answer.value, 'what an archive brings') : answer;
		if (brought.ok) {
			const { lessons, swatches, courses, pieces, learners, pictures } = brought.value;
			said = `Brought in: ${counted(lessons, 'lesson')}, ${counted(swatches, 'swatch', 'swatches')}, ${counted(courses, 'course')}, ${counted(pieces, 'piece')}, ${learners > 0 ? `${counted(learners, 'class of learners', 'classes of learners')}, ` : ''}${counted(pictures, 'picture')}.`;
		} else wrong = brought.error.message;
		bringing = false;
	}
	const teacher = $derived(data.teacher!);

	async function takeArchive() {
		const response = await fetch(withLearners ? ARCHIVE_WITH_LEARNERS : ARCHIVE).catch(() => null);
		if (!response?.ok) return 'The server does not answer. Try again in a moment.';
		save(await response.blob(), 'pond-loop-archive.zip');
	}
</script>

<svelte:head><title>Account · Pond Loop</title></svelte:head>

{#snippet answer(about: string)}
	<p role={form?.about === about ? 'alert' : undefined} class="font-semibold empty:hidden">
		{form?.about === about ? form.message : ''}
	</p>
{/snippet}

<div class="mx-auto grid max-w-5xl gap-x-16 gap-y-12 px-5 pt-10 pb-16 md:grid-cols-2">
	<div class="grid content-start gap-10">
		{#if teacher.demo}
			<div class="grid gap-3">
				<h1 class="text-4xl font-semibold">{teacher.name}</h1>
				<p class="text-lg">
					Everyone at this server shares the demo. It has no password, and is made anew every night: what you
					want to keep belongs into an account of your own.
				</p>
				<div><a class="btn btn-primary" href={resolve('/join')}>Make an account</a></div>
			</div>
			<form method="post" action="?/anew" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">Make it anew</h2>
				<p>Everything that visitors made of it goes, at once and for good, and it is as on its first day.</p>
				{@render answer('anew')}
				<div><button class="btn btn-outline">Make it anew now</button></div>
			</form>
		{:else}
			<form method="post" action="?/name" class="grid gap-3">
				<h1 class="text-4xl font-semibold">{teacher.name}</h1>
				<Field
					label="The name your learners know you by"
					name="name"
					defaultValue={teacher.name}
					maxlength={80}
					autocomplete="name"
					required
				/>
				{@render answer('name')}
				<div><button class="btn btn-outline">Keep the name</button></div>
			</form>
		{/if}
		<form method="post" class="grid gap-3">
			<h2 class="text-2xl">Sign out</h2>
			<div class="flex flex-wrap gap-3">
				<button class="btn btn-primary" formaction="?/out">Sign out here</button>
				{#if !teacher.demo}<button class="btn btn-outline" formaction="?/everywhere"
						>Sign out everywhere</button
					>{/if}
			</div>
			<p class="text-quiet">
				What has not reached the server yet waits in this browser for your next sign-in.
			</p>
		</form>
		<section class="grid gap-3">
			<h2 class="text-2xl">On this device</h2>
			{#if install.installed}
				<p>Pond Loop is installed here.</p>
			{:else if install.offered}
				<div>
					<button type="button" class="btn btn-outline" onclick={() => install.ask()}>Install</button>
				</div>
			{:else}
				<p>
					To have Pond Loop among your apps, choose “Install” or “Add to home screen” in the browser’s menu.
				</p>
			{/if}
			<p class="text-quiet">
				Without the server, open pages go on and keep what you write, and lessons opened on the stage open
				again. Searching, other pages and files wait.
			</p>
		</section>
	</div>
	<div class="grid content-start gap-10">
		<section class="grid gap-3">
			<h2 class="text-2xl">Archive</h2>
			<p>
				Everything of yours in one file, in open formats: lessons and swatches with their histories, courses,
				keys, crosses, sayings, pictures and settings.
			</p>
			<label class="flex min-h-11 items-center gap-2"
				><input type="checkbox" class="size-5 accent-base-content" bind:checked={withLearners} /> With my learners
				and what they practised, without their links</label
			>
			<div class="flex flex-wrap gap-3">
				<MakeButton make={takeArchive}>Take an archive</MakeButton>
				<label class="btn cursor-pointer focus-within:outline-3">
					{bringing ? 'Bringing it in …' : 'Bring one in'}
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
				What comes in stands beside what there is. One that is damaged is refused whole.
			</p>
			<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
			<p role="status" class="font-semibold empty:hidden">{said ?? ''}</p>
		</section>
		{#if !teacher.demo}
			<form method="post" action="?/password" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">Change the password</h2>
				<PasswordField label="Password now" name="now" />
				<PasswordField label="New password" name="next" fresh />
				{@render answer('password')}
				<div><button class="btn btn-outline">Change it</button></div>
			</form>
			<section class="grid gap-3">
				<h2 class="text-2xl">Recovery codes</h2>
				<p>
					{data.codes === 0
						? 'None yet. There is no mail here: print some for the day the password is forgotten.'
						: `${counted(data.codes, 'code')} left for the day the password is forgotten.`}
				</p>
				<div>
					<a class="btn btn-outline" href={resolve('/account/codes')}
						>{data.codes === 0 ? 'Make and print codes' : 'Make new ones'}</a
					>
				</div>
			</section>
			<form method="post" action="?/delete" use:enhance={keepTyped} class="grid gap-3">
				<h2 class="text-2xl">Delete the account</h2>
				<p>
					Every lesson, swatch, key, picture and saying of yours goes with it, at once and for good. Take an
					archive first if you may want them again.
				</p>
				<PasswordField label="Password, to be sure" name="password" />
				{@render answer('delete')}
				<div><button class="btn btn-outline">Delete everything</button></div>
			</form>
		{/if}
	</div>
</div>
<PondEdge />
