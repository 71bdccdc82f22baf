<script lang="ts">
	import type { Snippet } from 'svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Where a list looks: what is on the shelf, what was put away, and what else the page has. */
	let { base, away, here, children }: { base: string; away: boolean; here: boolean; children?: Snippet } =
		$props();

	const say = ui(getSettings());
	const SHELVES = $derived([
		{ href: base, label: say('ui-current'), current: here },
		{ href: `${base}?shelf=away`, label: say('ui-archived'), current: away }
	]);
</script>

<nav aria-label={say('ui-shelves')} class="flex flex-wrap gap-x-5 gap-y-1 pb-1">
	{#each SHELVES as { href, label, current } (label)}
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- the base is resolved -->
		<a {href} class="shelf" aria-current={current ? 'page' : undefined}>{label}</a>
	{/each}
	{@render children?.()}
</nav>
