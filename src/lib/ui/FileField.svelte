<script lang="ts">
	/** A file to bring in, by a press as large as any other. */
	let { label, accept, onfile }: { label: string; accept: string; onfile: (file: File) => void } = $props();

	function chosen({ currentTarget: input }: Event & { currentTarget: HTMLInputElement }) {
		const file = input.files?.[0];
		// Emptied, so that the same file can be chosen again.
		input.value = '';
		if (file) onfile(file);
	}
</script>

<label
	class="btn has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-base-content"
>
	{label}
	<input type="file" class="sr-only" {accept} onchange={chosen} />
</label>
