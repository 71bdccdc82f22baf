<script lang="ts" generics="Value extends string">
	/** One of a few, as a select with its words beside it. */
	let {
		label,
		value,
		choices,
		onchoose
	}: {
		label: string;
		value: Value;
		choices: readonly { readonly value: Value; readonly label: string }[];
		onchoose: (value: Value) => void;
	} = $props();

	const uid = $props.id();
</script>

<span class="flex items-center gap-2">
	<label for={uid} class="text-sm text-quiet">{label}</label>
	<select
		id={uid}
		class="field-sizing-content min-h-10 max-w-full min-w-0 rounded-xl border-[1.5px] border-hairline bg-base-100 px-2.5 font-medium"
		{value}
		onchange={(event) => onchoose(event.currentTarget.value as Value)}
	>
		{#each choices as { value: one, label: words } (one)}<option value={one}>{words}</option>{/each}
	</select>
</span>
