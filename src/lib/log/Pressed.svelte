<script lang="ts" generics="Value extends string">
	/** One of a few, each a press as big as a thumb. */
	let {
		legend,
		value,
		choices,
		onchoose
	}: {
		legend: string;
		value: Value;
		choices: readonly { readonly value: Value; readonly label: string }[];
		onchoose: (value: Value) => void;
	} = $props();
</script>

<fieldset>
	<legend class="mb-1.5 text-quiet">{legend}</legend>
	<div class="flex flex-wrap gap-2">
		{#each choices as { value: one, label } (one)}
			<button
				type="button"
				class="btn {one === value ? 'border-2 btn-outline' : ''}"
				aria-pressed={one === value}
				onclick={() => onchoose(one)}>{label}</button
			>
		{/each}
	</div>
</fieldset>
