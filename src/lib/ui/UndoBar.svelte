<script lang="ts">
	import Icon from './Icon.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Says what was just done and offers to take it back, for as long as it stands. */
	let { said, onundo, onclose }: { said: string; onundo: () => void; onclose: () => void } = $props();

	const say = ui(getSettings());
</script>

<div class="toast toast-center z-20">
	<div
		class="alert flex border-0 bg-neutral py-2 pr-2 text-base text-neutral-content shadow-xl"
		role="status"
	>
		<span>{said}</span>
		<button type="button" class="btn shrink-0 underline btn-neutral" onclick={onundo}>
			<Icon name="undo" size={18} />
			{say('ui-undo')}
		</button>
		<button
			type="button"
			class="btn btn-square shrink-0 btn-neutral"
			onclick={onclose}
			aria-label={say('ui-dismiss')}
		>
			<Icon name="x" size={18} />
		</button>
	</div>
</div>
