<script lang="ts">
	import { newId } from '$lib/client/id';
	import { postFile } from '$lib/client/requests';
	import { pictureAt, pictureUploadAt } from '$lib/wire/picture';
	import Field from '$lib/ui/Field.svelte';

	/** A picture of the teacher's own, with the words that stand for it. */
	let { onadd }: { onadd: (address: string, described: string) => void } = $props();

	let file = $state.raw<File | null>(null);
	let described = $state('');
	let wrong = $state<string | null>(null);
	let sending = $state(false);

	async function add(event: SubmitEvent) {
		event.preventDefault();
		// Brackets and line breaks would end the words too early where the text is kept.
		const words = described.replace(/[[\]\n]/g, ' ').trim();
		if (!file) return void (wrong = 'Choose a picture first: JPEG, PNG or WebP.');
		if (!words) return void (wrong = 'Say what it shows, for those who cannot see it.');
		const id = newId();
		sending = true;
		const answer = await postFile(pictureUploadAt(id), file);
		sending = false;
		if (answer.ok) onadd(pictureAt(id), words);
		else wrong = answer.error.message;
	}
</script>

<form class="grid gap-4" onsubmit={add}>
	<label class="grid gap-1">
		<span class="text-quiet">A picture from this device</span>
		<input
			class="input py-2"
			type="file"
			accept="image/jpeg,image/png,image/webp"
			onchange={(event) => (file = event.currentTarget.files?.[0] ?? null)}
		/>
	</label>
	<Field
		label="What it shows, for those who cannot see it"
		value={described}
		maxlength={200}
		autocomplete="off"
		oninput={(event) => (described = event.currentTarget.value)}
	/>
	<p class="text-quiet">
		It is made smaller, and what a camera writes into it (where, when, with what) is taken out.
	</p>
	<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
	<div><button class="btn btn-primary" disabled={sending}>{sending ? 'Adding …' : 'Add it'}</button></div>
</form>
