<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { foundPlace, nowAt, type Seen } from '$core/swatch/counter';
	import { nowSaid } from '$core/swatch/said';
	import Choices from '$lib/ui/Choices.svelte';
	import type { OpenSwatch } from './openSwatch.svelte';

	/** A few questions about what can be seen on the cloth; the answers name the row. */
	let { open, onset }: { open: OpenSwatch; onset: () => void } = $props();

	let bar = $state(true);
	let crosses = $state(1);
	/** the cross row that has a marker, by how many cross rows it is from the edge; 0 counts from the edge */
	let marked = $state(0);
	let above = $state(0);
	let side = $state<'RS' | 'WS' | 'unsure'>('unsure');
	const seen = $derived<Seen>({
		bar,
		above: Math.max(0, Math.round(above ?? 0)),
		crosses: bar ? marked + Math.max(0, Math.round(crosses ?? 0)) : 0,
		side: side === 'unsure' ? null : side
	});
	const crossed = $derived(open.working?.steps.filter(({ worked }) => worked.crossings.length > 0) ?? []);
	const rounds = $derived(open.working?.pattern.rounds ?? false);
	const found = $derived(open.working ? foundPlace(open.working, seen) : { wrong: 'There are no rows yet.' });

	function set() {
		if (!('done' in found)) return;
		open.setRow(found.done);
		onset();
	}
</script>

<div class="grid gap-5">
	<fieldset>
		<legend class="font-semibold">Tug the rope a little. Is there a small opening with a sideways bar?</legend
		>
		<p class="text-quiet">It lies under the front strand of a cross.</p>
		<div class="mt-2 flex gap-3">
			<label class="btn {bar ? 'btn-primary' : ''}"
				><input
					type="radio"
					class="sr-only"
					name="bar"
					checked={bar}
					onchange={() => (bar = true)}
				/>Yes</label
			>
			<label class="btn {bar ? '' : 'btn-primary'}"
				><input type="radio" class="sr-only" name="bar" checked={!bar} onchange={() => (bar = false)} />No, no
				cross yet</label
			>
		</div>
	</fieldset>
	{#if bar}
		<Choices
			label="Counted from"
			value={String(marked)}
			choices={[
				{ value: '0', label: 'the lower edge' },
				...crossed.map(({ row }, i) => ({ value: String(i + 1), label: `a marker in row ${row.n}` }))
			]}
			onchoose={(value) => {
				marked = Number(value);
				crosses = marked === 0 ? 1 : 0;
			}}
		/>
		<label class="grid gap-1">
			<span class="font-semibold"
				>{marked === 0
					? 'How many cross rows from the lower edge up to this one?'
					: 'How many cross rows above the marked one, up to this one?'}</span
			>
			<input class="input max-w-32 text-lg" type="number" min={marked === 0 ? 1 : 0} bind:value={crosses} />
		</label>
	{/if}
	<label class="grid gap-1">
		<span class="font-semibold"
			>{bar
				? 'How many bars lie above the first one over the opening?'
				: 'How many rows are there from the edge?'}</span
		>
		{#if bar}<span class="text-quiet">The first one is the cross row itself and counts nothing.</span>{/if}
		<input class="input max-w-32 text-lg" type="number" min="0" bind:value={above} />
	</label>
	{#if !rounds}
		<fieldset>
			<legend class="font-semibold">With the needle taken up to go on, which side faces you?</legend>
			<div class="mt-2 flex flex-wrap gap-3">
				{#each [['RS', 'The right side'], ['WS', 'The wrong side'], ['unsure', 'I am not sure']] as const as [value, label] (value)}
					<label class="btn {side === value ? 'btn-primary' : ''}"
						><input
							type="radio"
							class="sr-only"
							name="side"
							checked={side === value}
							onchange={() => (side = value)}
						/>{label}</label
					>
				{/each}
			</div>
		</fieldset>
	{/if}
	<div role="status" class="rounded-xl border border-hairline p-4">
		{#if 'done' in found && open.working}
			<p class="font-serif text-xl font-medium" data-testid="found">
				{nowSaid(nowAt(open.working, found.done), rounds)}
			</p>
			<p class="text-quiet">{counted(found.done, rounds ? 'round' : 'row')} done.</p>
		{:else if 'wrong' in found}
			<p class="font-semibold">{found.wrong}</p>
		{/if}
	</div>
	<p class="text-quiet">
		A removable marker in the last stitch of every cross makes this safe: count from the marker next time.
	</p>
	<div>
		<button type="button" class="btn btn-primary" disabled={!('done' in found)} onclick={set}
			>Set the counter there</button
		>
	</div>
</div>
