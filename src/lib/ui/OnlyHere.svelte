<script lang="ts">
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Said where no phone can open an address: the server listens to its own machine alone. */

	const say = ui(getSettings());
</script>

<p class="rounded-xl border border-hairline p-3">
	{say('ui-only-here')}
	<code>npm start -- --host 0.0.0.0</code>.
</p>
