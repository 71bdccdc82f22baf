<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { definedBy, type KeyLine } from '$core/naming/key';
	import { nameOf } from '$core/naming/name';
	import { say as define } from '$core/naming/say';
	import { getSettings } from '$lib/client/settings.svelte';
	import { wordsFor } from '$lib/ui/words';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import { cross } from '$lib/words/cross';
	import { key } from '$lib/words/key';
	import { spoken } from '$lib/words/spoken';
	import { ui } from '$lib/words/ui';

	/** What one line of a key says: settled, open, or at odds with itself, with the mend to press. */
	let { line, onmend }: { line: KeyLine; onmend: (text: string) => void } = $props();

	const settings = getSettings();
	const words = wordsFor(ui(settings));
	const say = key(settings);
	const sayCross = cross(settings);
	const defined = $derived(line.fault ? definedBy(line) : null);
	const named = $derived(line.fault ? (line.named[0]?.crossing ?? null) : null);
	const written = $derived(named ? define(named, { ...settings.value, hand: 'right' }) : null);
	const state = $derived(line.fault ? 'wrong' : line.readings.length === 1 ? 'settled' : 'open');
</script>

{#snippet seen(crossing: Crossing, says: string)}
	<figure class="grid min-w-0 content-start gap-2">
		<figcaption>
			{says} <strong>{nameOf(crossing)}</strong>, {say('key-new-order', { order: crossing.order.join(' ') })}
		</figcaption>
		<StillRail {crossing} voice={settings.value} alt="" />
		<div class="max-w-72">
			<ClothPicture
				{crossing}
				from={settings.value.hand}
				alt={sayCross('cross-seen', { name: nameOf(crossing), spoken: spoken(sayCross, crossing) })}
			/>
		</div>
	</figure>
{/snippet}

<li class="grid gap-3 border-b border-hairline py-4" data-state={state}>
	<p class="flex flex-wrap items-baseline gap-x-4">
		<span class="text-sm text-quiet tabular-nums">{say('key-line', { line: line.line })}</span>
		<span class="font-serif text-xl font-semibold"
			>{line.definition || line.readings.length !== 1 ? line.label : nameOf(line.readings[0].crossing)}</span
		>
		{#if state === 'settled'}
			<span>
				{say('key-settled', {
					name: nameOf(line.readings[0].crossing),
					stitches: line.readings[0].crossing.stitches,
					order: line.readings[0].crossing.order.join(' ')
				})}
			</span>
		{/if}
	</p>
	{#if state === 'open'}
		<p>
			{say('key-open', { count: line.readings.length })}
		</p>
		<ul class="flex flex-wrap gap-2">
			{#each line.readings as { crossing, school }, i (i)}
				{@const text = define(crossing, { ...settings.value, hand: 'right' })}
				<li>
					<button
						type="button"
						class="btn"
						disabled={!text.ok}
						onclick={() => text.ok && onmend(`${line.label}: ${text.value}`)}
					>
						{nameOf(crossing)} <span class="text-sm font-normal">{words.school(school)}</span>
					</button>
				</li>
			{/each}
		</ul>
	{:else if line.fault}
		<p class="font-semibold text-error">{line.fault.message}</p>
		{#if named || defined}
			<div class="grid gap-6 sm:grid-cols-2">
				{#if named}{@render seen(named, say('key-by-name'))}{/if}
				{#if defined}{@render seen(defined, say('key-by-instructions'))}{/if}
			</div>
		{/if}
		<p class="flex flex-wrap gap-2">
			{#if defined && !nameOf(defined).startsWith('order')}
				<button type="button" class="btn" onclick={() => onmend(`${nameOf(defined)}: ${line.definition}`)}>
					{say('key-rename', { name: nameOf(defined) })}
				</button>
			{/if}
			{#if written?.ok && line.definition}
				<button type="button" class="btn" onclick={() => onmend(`${line.label}: ${written.value}`)}>
					{say('key-rewrite')}
				</button>
			{/if}
		</p>
	{/if}
</li>
