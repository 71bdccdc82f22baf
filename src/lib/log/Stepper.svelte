<script lang="ts">
	import CountField from '$lib/ui/CountField.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** A number with less and more as big as a thumb beside it, for hands that hold wool. */
	let {
		label,
		value,
		step,
		least,
		most,
		places = 0,
		onset
	}: {
		label: string;
		value: number | null;
		/** what one press takes or adds */
		step: number;
		least: number;
		most: number;
		places?: number;
		onset: (value: number) => void;
	} = $props();

	const by = (sign: 1 | -1) => {
		// On the step's own grid, so that presses come back to where they began.
		const next = Math.round(((value ?? least) + sign * step) / step) * step;
		onset(Number(Math.min(most, Math.max(least, next)).toFixed(2)));
	};
</script>

<div class="stepper">
	<button type="button" class="press" aria-label="{label}: less" onclick={() => by(-1)}>
		<Icon name="minus" size={26} />
	</button>
	<CountField {label} {value} {least} {most} {places} wide {onset} />
	<button type="button" class="press" aria-label="{label}: more" onclick={() => by(1)}>
		<Icon name="plus" size={26} />
	</button>
</div>

<style>
	.stepper {
		display: grid;
		grid-template-columns: 3.5rem 7rem 3.5rem;
		align-items: end;
		gap: 0.5rem;
	}
	.press {
		display: grid;
		place-items: center;
		width: 3.5rem;
		height: 2.9rem;
		border: 1.5px solid var(--color-outline);
		border-radius: 0.75rem;
		cursor: pointer;
	}
	.press:hover {
		background: color-mix(in oklab, var(--color-base-content) 9%, transparent);
	}
</style>
