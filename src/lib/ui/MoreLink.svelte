<script lang="ts">
	/** Leads to more of a list that is longer than what is shown. */
	let { href, of }: { href: string | null; of: string } = $props();
</script>

{#if href}
	<p class="py-6">
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- this page, with another query -->
		<a class="btn btn-outline" {href} data-sveltekit-noscroll>Show more {of}</a>
	</p>
{/if}
