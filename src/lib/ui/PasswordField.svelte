<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';
	import { SHORTEST_PASSWORD } from '$lib/wire/account';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A password: shown on asking, and a new one with its rule beside it as it is typed. */
	let {
		label,
		fresh = false,
		...rest
	}: {
		label: string;
		/** it is being chosen, so the rule holds */
		fresh?: boolean;
	} & Omit<HTMLInputAttributes, 'type'> = $props();

	const say = ui(getSettings());
	const uid = $props.id();
	let shown = $state(false);
	let typed = $state('');
	const missing = $derived(Math.max(0, SHORTEST_PASSWORD - typed.length));
</script>

<div class="grid gap-1">
	<label class="text-quiet" for={uid}>{label}</label>
	<div class="flex gap-2">
		<input
			id={uid}
			class="input"
			type={shown ? 'text' : 'password'}
			autocomplete={fresh ? 'new-password' : 'current-password'}
			autocapitalize="off"
			spellcheck="false"
			maxlength="200"
			aria-describedby={fresh ? `${uid}-rule` : undefined}
			required
			oninput={(event) => (typed = event.currentTarget.value)}
			{...rest}
		/>
		<button
			type="button"
			class="btn"
			aria-pressed={shown}
			aria-label={say('ui-show-password')}
			onclick={() => (shown = !shown)}>{shown ? say('ui-hide') : say('ui-show')}</button
		>
	</div>
	{#if fresh}
		<p id="{uid}-rule" class="text-sm text-quiet" aria-live="polite">
			{say('ui-password-rule', { least: SHORTEST_PASSWORD })}
			{#if typed !== ''}
				<strong class="text-base-content">{say('ui-password-missing', { missing })}</strong>
			{/if}
		</p>
	{/if}
</div>
