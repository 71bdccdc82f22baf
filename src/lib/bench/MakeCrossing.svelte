<script lang="ts">
	import { untrack } from 'svelte';
	import type { Crossing, WorkWord } from '$core/crossing/crossing';
	import { textFor } from '$core/formats/name';
	import { frontToBack } from '$core/crossing/depth';
	import { groups } from '$core/crossing/groups';
	import { nameIn, WRITTEN_SCHOOLS } from '$core/naming/schools';
	import { typedCrossing } from '$core/naming/typed';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import GroupTiles from './GroupTiles.svelte';

	/** A crossing put together by hand: groups dragged into the order worked and into depth, or both typed as numbers. */
	let { from, onmake }: { from: Crossing; onmake: (text: string) => void } = $props();

	const all = untrack(() => groups(from));
	const place = (group: readonly number[]) => untrack(() => from.order.indexOf(group[0]));
	const depths = untrack(() => frontToBack(from.stitches, from.over) ?? []);
	const byDepth = (a: readonly number[], b: readonly number[]) => depths.indexOf(a[0]) - depths.indexOf(b[0]);

	let sizes = $state(all.map((group) => group.length).join(' '));
	let worked = $state(
		[...all]
			.sort((a, b) => place(a) - place(b))
			.map((group) => group.join(' '))
			.join('  ')
	);
	let front = $state(
		[...all]
			.sort(byDepth)
			.map((group) => group.join(' '))
			.join('  ')
	);
	let words = $state.raw<ReadonlyMap<number, WorkWord>>(
		untrack(() => new Map(from.order.map((stitch, i) => [stitch, from.work[i]])))
	);

	const WORDS: readonly { value: WorkWord; label: string }[] = [
		{ value: 'k', label: 'knit' },
		{ value: 'p', label: 'purl' },
		{ value: 'ktbl', label: 'knit through the back' },
		{ value: 'sl', label: 'slip' }
	];
	const crossing = $derived(typedCrossing(worked, front, (stitch) => words.get(stitch) ?? 'k'));
	/** groups by the sizes typed, as long as they are whole in both rows; else as the crossing falls */
	const tiles = $derived.by(() => {
		let next = 1;
		const wanted = sizes
			.split(/[\s,/+]+/)
			.map(Number)
			.filter((size) => Number.isInteger(size) && size > 0)
			.map((size) => Array.from({ length: size }, () => next++));
		const inRow = (text: string) => ` ${text.trim().replace(/[\s,]+/g, ' ')} `;
		const whole = wanted.every((group) =>
			[worked, front].every((row) => inRow(row).includes(` ${group.join(' ')} `))
		);
		if (whole && wanted.flat().length === worked.split(/[\s,]+/).filter(Boolean).length) return wanted;
		return crossing.ok ? groups(crossing.value) : [];
	});
	const inOrderOf = (row: string) => {
		const numbers = row.split(/[\s,]+/).map(Number);
		return [...tiles].sort((a, b) => numbers.indexOf(a[0]) - numbers.indexOf(b[0]));
	};
	const row = (list: readonly (readonly number[])[]) => list.map((group) => group.join(' ')).join('  ');
	const names = $derived(
		crossing.ok
			? [
					...new Set(
						WRITTEN_SCHOOLS.map((school) => nameIn(crossing.value, school).name).filter(
							(name) => name !== null
						)
					)
				]
			: []
	);

	/** Other sizes start from stitches that lie as they are. */
	function resize(text: string) {
		sizes = text;
		const list = text.split(/[\s,/+]+/).filter(Boolean);
		if (list.length === 0 || list.some((size) => !/^\d{1,2}$/.test(size) || Number(size) === 0)) return;
		const total = list.reduce((sum, size) => sum + Number(size), 0);
		if (total > 24) return;
		const plain = Array.from({ length: total }, (_, i) => i + 1).join(' ');
		worked = plain;
		front = plain;
		words = new Map();
	}

	function workAs(group: readonly number[], word: WorkWord) {
		words = new Map([...words, ...group.map((stitch) => [stitch, word] as const)]);
	}

	function make() {
		if (crossing.ok) onmake(textFor(crossing.value, 'hand'));
	}
</script>

<form
	class="grid gap-x-8 gap-y-5 md:grid-cols-[1.35fr_1fr]"
	onsubmit={(event) => {
		event.preventDefault();
		make();
	}}
>
	<div class="grid content-start gap-5">
		<label class="grid gap-1">
			<span class="font-semibold">Groups, by their stitches, first on the needle first</span>
			<input
				class="input"
				value={sizes}
				oninput={(event) => resize(event.currentTarget.value)}
				autocomplete="off"
				inputmode="numeric"
			/>
		</label>
		<div class="grid gap-2">
			<label class="grid gap-1">
				<span class="font-semibold">Stitches in the order they are worked</span>
				<input class="input" bind:value={worked} autocomplete="off" />
			</label>
			<GroupTiles
				label="Order worked"
				groups={inOrderOf(worked)}
				ends={['worked first', 'worked last']}
				onmove={(next) => (worked = row(next))}
			/>
		</div>
		<div class="grid gap-2">
			<label class="grid gap-1">
				<span class="font-semibold">From the front to the back</span>
				<input class="input" bind:value={front} autocomplete="off" />
			</label>
			<GroupTiles
				label="Depth"
				groups={inOrderOf(front)}
				ends={['in front', 'behind']}
				onmove={(next) => (front = row(next))}
			/>
		</div>
		{#if tiles.length > 0}
			<fieldset class="flex flex-wrap gap-x-4 gap-y-2">
				<legend class="mb-1 font-semibold">How each is worked</legend>
				{#each tiles as group (group.join())}
					<label class="flex items-center gap-2">
						<span>{group.join(' ')}</span>
						<select
							class="min-h-10 rounded-xl border-[1.5px] border-hairline bg-base-100 px-2.5"
							value={words.get(group[0]) ?? 'k'}
							onchange={(event) => workAs(group, event.currentTarget.value as WorkWord)}
						>
							{#each WORDS as { value, label } (value)}<option {value}>{label}</option>{/each}
						</select>
					</label>
				{/each}
			</fieldset>
		{/if}
	</div>
	<div class="grid content-start gap-4 md:sticky md:top-0">
		<div aria-live="polite" class="grid gap-2">
			{#if crossing.ok}
				<div class="max-w-80">
					<ClothPicture
						crossing={crossing.value}
						alt="On the cloth, worked {crossing.value.order.join(' ')}"
					/>
				</div>
				<p>
					{crossing.value.over.length === 0
						? 'Nothing crosses yet: move a group.'
						: names.length > 0
							? `Its names: ${names.join(', ')}.`
							: 'It has no name. Ways to make it are searched in Crosses.'}
				</p>
			{:else}
				<p class="font-semibold text-error">{crossing.error.message}</p>
			{/if}
		</div>
		<button
			class="btn justify-self-start btn-primary"
			disabled={!crossing.ok || crossing.value.over.length === 0}
		>
			Open in Crosses
		</button>
	</div>
</form>
