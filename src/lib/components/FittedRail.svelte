<script lang="ts">
	import Fitted from './Fitted.svelte';
	import NeedleRail, { type RailProps } from './NeedleRail.svelte';

	/** The needle rail in the room it is given. */
	let props: Omit<RailProps, 'width' | 'height' | 'neighbours' | 'textSize'> = $props();
</script>

<Fitted>
	{#snippet picture(room)}
		<NeedleRail {...props} {...room} />
	{/snippet}
</Fitted>
