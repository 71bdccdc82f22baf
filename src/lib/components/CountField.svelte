<script lang="ts" generics="Optional extends boolean = false">
	/** Whole numbers: minutes, times, rows. What cannot be taken stays in the field, and the words say what can. */
	let {
		label,
		value,
		least,
		most = 600,
		of = 'minutes',
		optional,
		wide = false,
		onset
	}: {
		label: string;
		value: number | null | undefined;
		least: number;
		most?: number;
		/** what is counted, for the words */
		of?: string;
		/** whether the field may be left empty; nothing is then said of it */
		optional?: Optional;
		/** the label stands above the field, not behind it */
		wide?: boolean;
		onset: (count: Optional extends true ? number | null : number) => void;
	} = $props();

	const uid = $props.id();
	let typed = $state<string | null>(null);
	const good = (text: string) =>
		text === '' ? Boolean(optional) : /^\d{1,6}$/.test(text) && Number(text) >= least && Number(text) <= most;
	const wrong = $derived(typed !== null && !good(typed));

	function set(text: string) {
		typed = text;
		if (good(text)) onset((text === '' ? null : Number(text)) as Parameters<typeof onset>[0]);
	}
</script>

<div class={wide ? 'grid gap-1' : 'flex flex-wrap items-center gap-2'}>
	<label class="text-quiet {wide ? '' : 'order-last'}" for={uid}>{label}</label>
	<input
		id={uid}
		class="field {wide ? 'w-24!' : 'w-20!'}"
		inputmode="numeric"
		autocomplete="off"
		value={typed ?? value ?? ''}
		aria-invalid={wrong}
		aria-describedby={wrong ? `${uid}-wrong` : undefined}
		oninput={(event) => set(event.currentTarget.value)}
		onblur={() => !wrong && (typed = null)}
	/>
	{#if wrong}
		<p id="{uid}-wrong" class="order-last w-full max-w-xs text-sm font-semibold text-error">
			Takes {least} to {most} whole {of}; it stays at {value ?? 'nothing'} until the number is one of those.
		</p>
	{/if}
</div>
