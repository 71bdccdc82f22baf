<script lang="ts">
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Leads to more of a list that is longer than what is shown. */
	let { href, of }: { href: string | null; of: string } = $props();

	const say = ui(getSettings());
</script>

{#if href}
	<p class="py-6">
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, with another query -->
		<a class="btn btn-outline" {href} data-sveltekit-noscroll>{say('ui-show-more', { of })}</a>
	</p>
{/if}
