<script lang="ts">
	import { resolve } from '$app/paths';
	import Field from '$lib/components/Field.svelte';
	import PondEdge from '$lib/components/PondEdge.svelte';

	let { data, form } = $props();

	let said = $state<string | null>(null);
	let wrong = $state<string | null>(null);
	let bringing = $state(false);

	async function bringIn(file: File) {
		[said, wrong, bringing] = [null, null, true];
		try {
			const response = await fetch('/account/archive', {
				method: 'POST',
				headers: { 'content-type': 'application/octet-stream' },
				body: file
			});
			const answer = await response.json();
			if (response.ok)
				said = `Brought in: ${answer.lessons} lessons, ${answer.swatches} swatches, ${answer.courses} courses, ${answer.pictures} pictures.`;
			else wrong = answer.error.message;
		} catch {
			wrong = 'The server does not answer. Nothing was brought in; try again in a moment.';
		}
		bringing = false;
	}
	const teacher = $derived(data.teacher!);
</script>

<svelte:head><title>Account · Pond Loop</title></svelte:head>

{#snippet answer(about: string)}
	<p role={form?.about === about ? 'alert' : undefined} class="font-semibold empty:hidden">
		{form?.about === about ? form.message : ''}
	</p>
{/snippet}

<div class="mx-auto grid max-w-5xl gap-x-16 gap-y-12 px-5 pt-10 pb-16 md:grid-cols-2">
	<div class="grid content-start gap-10">
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
			<div><button class="press">Keep the name</button></div>
		</form>
		<form method="post" class="grid gap-3">
			<h2 class="text-2xl">Sign out</h2>
			<div class="flex flex-wrap gap-3">
				<button class="press press-main" formaction="?/out">Sign out here</button>
				<button class="press" formaction="?/everywhere">Sign out everywhere</button>
			</div>
			<p class="text-quiet">
				What has not reached the server yet waits in this browser for your next sign-in.
			</p>
		</form>
	</div>
	<div class="grid content-start gap-10">
		<section class="grid gap-3">
			<h2 class="text-2xl">Archive</h2>
			<p>
				Everything of yours in one file, in open formats: lessons and swatches with their histories, courses,
				keys, crosses, sayings, pictures and settings.
			</p>
			<div class="flex flex-wrap gap-3">
				<a class="press" href={resolve('/account/archive')} download>Take an archive</a>
				<label class="press cursor-pointer press-quiet focus-within:outline-3">
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
		{#if teacher.demo}
			<p class="text-lg">
				This is the demo: everyone at this server shares it. It has no password, and it stays when you sign
				out.
			</p>
		{:else}
			<form method="post" action="?/password" class="grid gap-3">
				<h2 class="text-2xl">Change the password</h2>
				<Field label="Password now" name="now" type="password" autocomplete="current-password" required />
				<Field
					label="New password, at least ten characters"
					name="next"
					type="password"
					autocomplete="new-password"
					maxlength={200}
					required
				/>
				{@render answer('password')}
				<div><button class="press">Change it</button></div>
			</form>
			<form method="post" action="?/delete" class="grid gap-3">
				<h2 class="text-2xl">Delete the account</h2>
				<p>
					Every lesson, swatch, key, picture and saying of yours goes with it, at once and for good. Take an
					archive first if you may want them again.
				</p>
				<Field
					label="Password, to be sure"
					name="password"
					type="password"
					autocomplete="current-password"
					required
				/>
				{@render answer('delete')}
				<div><button class="press">Delete everything</button></div>
			</form>
		{/if}
	</div>
</div>
<PondEdge />
