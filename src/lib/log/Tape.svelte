<script lang="ts">
	import { MM_PER, lengthSaid } from '$core/hands/voice';
	import { getSettings } from '$lib/client/settings.svelte';
	import { CARD_MM, PARTS, PX_PER_MM, keepPxPerMm, marksOf, pxPerMm } from './tape';

	/** A tape on the screen to lay knitting against; what is longer is laid on again, and added up. */
	let { ontake }: { ontake: (side: 'widthMm' | 'heightMm', mm: number) => void } = $props();

	const settings = getSettings();
	const units = $derived(settings.value.units);
	const said = (mm: number) => lengthSaid(mm, settings.value);

	let scale = $state(pxPerMm());
	let room = $state(320);
	/** what was laid against before this stretch */
	let before = $state(0);
	let at = $state(50);
	let setting = $state(false);

	const length = $derived(Math.floor(Math.max(40, room - 24) / scale));
	const marks = $derived(marksOf(length, units));
	const reached = $derived(Math.min(at, length));
	const total = $derived(before + reached);
	const REACH = { long: 22, middle: 15, short: 9 } as const;
	const STEP_MM = $derived(MM_PER[units] / PARTS[units]);

	function set(px: number) {
		scale = px;
		keepPxPerMm(px);
	}
	function layOn() {
		before = total;
		at = 0;
	}
</script>

<div class="grid gap-3">
	<p>Lay the edge at 0, pull the mark to where it ends.</p>
	<div class="room" bind:clientWidth={room}>
		<svg width="100%" height="64" aria-hidden="true">
			<rect
				x="12"
				y="1"
				width={length * scale}
				height="62"
				rx="6"
				fill="var(--color-base-200)"
				stroke="var(--color-outline)"
			/>
			{#each marks as { mm, length: reach, says } (mm)}
				<path d="M{12 + mm * scale} 1v{REACH[reach]}" stroke="var(--color-base-content)" stroke-width="1.4" />
				{#if says}<text x={12 + mm * scale + 3} y="38">{says}</text>{/if}
			{/each}
			<path d="M{12 + reached * scale} 0v64" stroke="var(--color-base-content)" stroke-width="3" />
		</svg>
		<input
			type="range"
			class="mark"
			style="width: {length * scale + 16}px"
			aria-label="Where it ends"
			aria-valuetext={said(reached)}
			min="0"
			max={length}
			step={STEP_MM}
			bind:value={at}
		/>
	</div>
	<p class="text-2xl font-semibold tabular-nums" role="status">
		{total < 1 ? '–' : said(total)}
		{#if before > 0}<span class="text-base font-normal text-quiet">with {said(before)} before</span>{/if}
	</p>
	<div class="flex flex-wrap gap-2">
		<button
			type="button"
			class="btn btn-outline"
			disabled={total < 1}
			onclick={() => ontake('widthMm', total)}>That is the width</button
		>
		<button
			type="button"
			class="btn btn-outline"
			disabled={total < 1}
			onclick={() => ontake('heightMm', total)}>The height</button
		>
		<button type="button" class="btn" disabled={reached < 1} onclick={layOn}>It goes on: lay on again</button>
		{#if before > 0}<button type="button" class="btn" onclick={() => (before = 0)}>Begin again</button>{/if}
	</div>
	<button
		type="button"
		class="min-h-11 justify-self-start underline underline-offset-3"
		aria-expanded={setting}
		onclick={() => (setting = !setting)}>Is the tape true? Set it by a card</button
	>
	{#if setting}
		<label class="grid gap-1">
			<span>Lay a bank card on the bar, and pull until they are as long.</span>
			<span class="card" style="width: {CARD_MM * scale}px"></span>
			<input
				type="range"
				class="min-h-11 w-full"
				aria-label="As long as the card"
				min={PX_PER_MM.least}
				max={PX_PER_MM.most}
				step="0.02"
				value={scale}
				oninput={(event) => set(event.currentTarget.valueAsNumber)}
			/>
		</label>
	{/if}
</div>

<style>
	.room {
		overflow: hidden;
	}
	text {
		font-size: 14px;
		font-weight: 600;
		fill: var(--color-base-content);
	}
	/* The middle of its thumb stands at the mark. */
	.mark {
		margin-left: 4px;
		display: block;
		min-height: 2.75rem;
		accent-color: var(--color-base-content);
	}
	.card {
		display: block;
		height: 3rem;
		max-width: 100%;
		border: 2px solid var(--color-base-content);
		border-radius: 0.6rem;
		background: var(--color-base-200);
	}
</style>
