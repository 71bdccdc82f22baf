<script lang="ts">
	import { untrack } from 'svelte';
	import { MOST_CROSSINGS } from '$core/practice/schema';
	import { readKnown } from '$core/naming/known';
	import { LEVELS, type Level } from '$core/ways/cautions';
	import { MEDIA, type Medium } from '$core/technique/medium';
	import Choices from '$lib/ui/Choices.svelte';
	import { wordsFor } from '$lib/ui/words';
	import type { LearnerClass } from '$lib/wire/practice';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** What a class is called, and what it practises. */
	let {
		about,
		trouble,
		onkeep
	}: { about: LearnerClass; trouble: string | null; onkeep: (about: LearnerClass) => void } = $props();

	const words = wordsFor(ui(getSettings()));

	let title = $state(untrack(() => about.title));
	let names = $state(untrack(() => about.crossings.join('\n')));
	let medium = $state<Medium>(untrack(() => about.medium));
	let level = $state<Level>(untrack(() => about.level));
	let free = $state(untrack(() => about.free ?? false));

	const crossings = $derived([
		...new Set(
			names
				.split(/\n|;/)
				.map((name) => name.trim())
				.filter(Boolean)
		)
	]);
	const unread = $derived(
		crossings.flatMap((name) => {
			const read = readKnown(name, { medium });
			return read.ok ? [] : [`“${name}”: ${read.error.message}`];
		})
	);
	let tried = $state(false);
	const missing = $derived(
		title.trim() === ''
			? 'Give the class a name.'
			: crossings.length === 0
				? 'Name a cross at least.'
				: crossings.length > MOST_CROSSINGS
					? `A class practises up to ${MOST_CROSSINGS} crosses at a time; here are ${crossings.length}.`
					: null
	);

	function keep(event: SubmitEvent) {
		event.preventDefault();
		tried = true;
		if (missing || unread.length > 0) return;
		onkeep({
			...{ title: title.trim(), crossings, medium, level, terms: about.terms },
			...(free && medium === 'hand' ? { free } : {})
		});
	}
</script>

<form class="grid gap-4" onsubmit={keep} novalidate>
	<label class="grid gap-1.5">
		<span class="font-semibold">Its name</span>
		<input class="input" maxlength="200" autocomplete="off" bind:value={title} />
	</label>
	<label class="grid gap-1.5">
		<span class="font-semibold">Crosses, a line each</span>
		<textarea class="textarea font-mono" rows="4" bind:value={names}></textarea>
	</label>
	<p class="flex flex-wrap gap-3">
		<Choices
			label="Made"
			value={medium}
			choices={MEDIA.map((one) => ({ value: one, label: words.medium(one) }))}
			onchoose={(to) => (medium = to)}
		/>
		<Choices
			label="For"
			value={level}
			choices={words.levels().filter(({ value }) => LEVELS.includes(value))}
			onchoose={(to) => (level = to)}
		/>
	</p>
	{#if medium === 'hand'}
		<label class="flex min-h-11 items-center gap-3">
			<input type="checkbox" class="size-5 accent-base-content" bind:checked={free} />
			The class has seen them made without a cable needle too
		</label>
	{/if}
	<p role="alert" class="text-error empty:hidden">{(tried && missing) || unread.at(0) || trouble || ''}</p>
	<button class="btn min-h-13 justify-center text-lg btn-primary">Keep</button>
</form>
