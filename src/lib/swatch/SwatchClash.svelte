<script lang="ts">
	import type { Swatch } from '$core/swatch/schema';
	import type { OpenSwatch } from './openSwatch.svelte';
	import SwatchDifferences from './SwatchDifferences.svelte';

	/** Two pages wrote in one place of a swatch: what each says, and a choice between them. */
	let { open, theirs }: { open: OpenSwatch; theirs: Swatch } = $props();
</script>

<p>Another page changed the same place. Both versions stand in the history; which one is to go on?</p>
<div class="my-4 grid gap-3">
	<SwatchDifferences of={open.swatch} and={theirs} said={['This page says', 'The other page says']} />
</div>
<div class="flex flex-wrap gap-3">
	<button type="button" class="btn btn-primary" onclick={() => open.choose('mine')}
		>Keep this page’s rows</button
	>
	<button type="button" class="btn btn-outline" onclick={() => open.choose('theirs')}
		>Take the other page’s</button
	>
</div>
