<script lang="ts" generics="Value extends string | boolean">
	/** One of a few, as buttons that stand side by side; the one that holds is filled. */
	let {
		legend,
		quiet = false,
		value,
		choices,
		onchoose
	}: {
		legend: string;
		/** the legend is for those who cannot see what the buttons are about */
		quiet?: boolean;
		value: Value;
		choices: readonly { readonly value: Value; readonly label: string }[];
		onchoose: (value: Value) => void;
	} = $props();

	const uid = $props.id();
</script>

<fieldset>
	<legend class={quiet ? 'sr-only' : 'mb-1.5 font-semibold text-quiet'}>{legend}</legend>
	<div class="flex flex-wrap gap-2">
		{#each choices as { value: one, label } (one)}
			<label
				class="btn has-checked:btn-primary has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-base-content"
			>
				<input
					type="radio"
					class="sr-only"
					name={uid}
					value={one}
					checked={value === one}
					onchange={() => onchoose(one)}
				/>
				{label}
			</label>
		{/each}
	</div>
</fieldset>
