<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { enhance } from '$app/forms';
	import Field from '$lib/ui/Field.svelte';
	import { keepTyped } from '$lib/ui/forms';
	import PasswordField from '$lib/ui/PasswordField.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import { forgetKept } from '$lib/client/kept';

	onMount(() => void forgetKept());

	let { data, form } = $props();
</script>

<svelte:head><title>Sign in · Pond Loop</title></svelte:head>

<div class="mx-auto grid max-w-5xl gap-x-20 gap-y-12 px-5 pt-12 pb-16 md:grid-cols-[1fr_1fr] md:pt-24">
	<div>
		<h1 class="text-5xl leading-tight font-semibold">Cables, worked out</h1>
		<p class="mt-5 text-xl leading-relaxed">
			Which stitch goes where, and which lies over which: read from any name, proved move by move, written
			into lessons that fit the evening.
		</p>
		{#if data.demo}
			<form method="post" action="?/demo" class="mt-8">
				<input type="hidden" name="to" value={data.to} />
				<button class="btn min-h-14 btn-outline px-6 text-lg">Look around as the demo teacher</button>
				<p class="mt-3 max-w-sm text-quiet">
					A winter class in a bird hide, with lessons and swatches to try everything on.
				</p>
			</form>
		{/if}
	</div>
	<form method="post" action="?/signin" use:enhance={keepTyped} class="grid content-start gap-4">
		<h2 class="text-2xl">Sign in</h2>
		<input type="hidden" name="to" value={data.to} />
		<Field
			label="Sign-in name"
			name="sign-in"
			defaultValue={form?.signIn ?? ''}
			autocomplete="username"
			autocapitalize="off"
			required
		/>
		<PasswordField label="Password" name="password" />
		<p role="alert" class="font-semibold text-error empty:hidden">{form?.message ?? ''}</p>
		<button class="btn min-h-14 justify-center text-lg btn-primary">Sign in</button>
		<p>
			New here? <a class="font-semibold underline underline-offset-3" href={resolve('/join')}
				>Make an account</a
			>
			·
			<a class="font-semibold underline underline-offset-3" href={resolve('/recover')}>Forgotten password</a>
		</p>
	</form>
</div>
<PondEdge />
