<script lang="ts">
	import type { Snippet } from 'svelte';
	import Icon from './Icon.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Says how much of a file is made. */
	type Tell = (done: number, of: number) => void;

	/** A button that makes a file: how far it is, and what went wrong, stand at the button itself. */
	let {
		make,
		disabled = false,
		children
	}: {
		/** makes it; gives what went wrong, in words, if it can tell */
		make: (tell: Tell) => Promise<string | void>;
		disabled?: boolean;
		children: Snippet;
	} = $props();

	const say = ui(getSettings());
	let far = $state<{ done: number; of: number } | null>(null);
	let wrong = $state('');

	async function run() {
		if (far) return;
		wrong = '';
		far = { done: 0, of: 1 };
		try {
			wrong = (await make((done, of) => (far = { done, of }))) ?? '';
		} catch {
			wrong = say('ui-not-made');
		}
		far = null;
	}
</script>

<span class="inline-grid gap-1">
	<button type="button" class="btn" {disabled} aria-busy={far !== null} onclick={run}>
		{@render children()}
		{#if far}
			<Icon name="loader-circle" size={17} class="motion-safe:animate-spin" />
			<span role="status">{far.of > 1 ? say('ui-made-of', far) : say('ui-making')}</span>
		{/if}
	</button>
	{#if wrong}
		<span role="alert" class="max-w-64 text-sm font-semibold text-error">
			{wrong}
		</span>
	{/if}
</span>
