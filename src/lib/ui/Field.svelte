<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';

	/** A labelled line to write in, in a form; one with a `defaultValue` keeps what is typed before the page has woken. */
	let { label, ...rest }: { label: string } & HTMLInputAttributes = $props();
</script>

<label class="grid gap-1">
	<span class="text-quiet">{label}</span>
	<input class="input" {...rest} />
</label>
