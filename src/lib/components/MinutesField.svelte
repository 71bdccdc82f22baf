<script lang="ts">
	/** Whole minutes. What cannot be taken stays in the field, and the words say what can. */
	let {
		label,
		value,
		least,
		wide = false,
		onset
	}: {
		label: string;
		value: number;
		least: number;
		/** the label stands above the field, not behind it */
		wide?: boolean;
		onset: (minutes: number) => void;
	} = $props();

	const MOST = 600;
	const uid = $props.id();
	let typed = $state<string | null>(null);
	const good = (text: string) => /^\d{1,3}$/.test(text) && Number(text) >= least && Number(text) <= MOST;
	const wrong = $derived(typed !== null && !good(typed));

	function set(text: string) {
		typed = text;
		if (good(text)) onset(Number(text));
	}
</script>

<div class={wide ? 'grid gap-1' : 'flex flex-wrap items-center gap-2'}>
	<label class="text-quiet {wide ? '' : 'order-last'}" for={uid}>{label}</label>
	<input
		id={uid}
		class="field {wide ? 'w-24!' : 'w-20!'}"
		inputmode="numeric"
		autocomplete="off"
		value={typed ?? value}
		aria-invalid={wrong}
		aria-describedby={wrong ? `${uid}-wrong` : undefined}
		oninput={(event) => set(event.currentTarget.value)}
		onblur={() => !wrong && (typed = null)}
	/>
	{#if wrong}
		<p id="{uid}-wrong" class="order-last w-full max-w-xs text-sm font-semibold text-error">
			Takes {least} to {MOST} whole minutes; it stays at {value} until the number is one of those.
		</p>
	{/if}
</div>
