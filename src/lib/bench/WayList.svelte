<script lang="ts">
	import type { BedWay } from '$core/ways/bed';
	import type { Way } from '$core/ways/ways';

	import { counted } from '$core/naming/numbers';

	type AnyWay = Way | BedWay;

	/** Ways side by side: what each costs, and what speaks against it. */
	let {
		ways,
		chosen,
		name = 'way',
		onchoose
	}: { ways: readonly AnyWay[]; chosen: string; name?: string; onchoose: (id: string) => void } = $props();

	const loose = ({ mostLoose }: AnyWay) =>
		mostLoose === 0 ? 'no loose stitch' : counted(mostLoose, 'loose stitch', 'loose stitches');
	/** how often the yarn changes sides, where it does */
	const yarn = ({ moves }: AnyWay) => {
		const times = moves.filter((move) => move.do === 'yarn').length;
		return times === 0
			? ''
			: ` The yarn moves ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`}.`;
	};
	const proof = $derived.by(() => {
		const agreeing = ways.filter((way) => way.agrees && way.result.twisted.length === 0).length;
		if (agreeing < ways.length)
			return `${agreeing} of ${ways.length} were played through to the same order and front strand with nothing twisted.`;
		return ways.length === 1
			? 'Played through to this order and this strand in front, nothing twisted.'
			: `All ${ways.length} were played through: same order, same strand in front, nothing twisted.`;
	});
</script>

<fieldset>
	<legend class="sr-only">Ways to make it</legend>
	<div class="grid gap-1">
		{#each ways as way (way.id)}
			<label
				class="grid cursor-pointer gap-0.5 rounded-xl px-3.5 py-2.5 hover:bg-base-200 has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-base-content"
			>
				<input
					type="radio"
					class="sr-only"
					{name}
					value={way.id}
					checked={way.id === chosen}
					onchange={() => onchoose(way.id)}
				/>
				<span class="flex items-baseline justify-between gap-3">
					<span class="text-[1.06rem] font-semibold">{way.title}</span>
					<span class="shrink-0 text-sm">{counted(way.movements, 'move')}</span>
				</span>
				<span class="text-sm">{way.gist} {loose(way)[0].toUpperCase() + loose(way).slice(1)}.{yarn(way)}</span
				>
				{#if !way.agrees}
					<span class="text-sm font-semibold"
						>Not the crossing to the letter: it gives {way.result.order.join(' ')}, worked {way.result.work.join(
							' '
						)}.</span
					>
				{/if}
				{#each way.cautions as caution (caution)}
					<span class="text-sm font-semibold">Mind: {caution}</span>
				{/each}
			</label>
		{/each}
	</div>
	{#if ways.length > 0}
		<p class="mt-3 rounded-xl border border-accent px-3.5 py-2.5 text-sm">✓ {proof}</p>
	{/if}
</fieldset>
