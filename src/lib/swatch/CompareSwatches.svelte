<script lang="ts">
	import { lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import { rulesWith } from '$core/rules';
	import { summaryOf, type Summary } from '$core/swatch/summary';
	import type { Gauge } from '$core/swatch/measure';
	import type { Working } from '$core/fabric/fabric';
	import Choices from '$lib/ui/Choices.svelte';
	import { getJson } from '$lib/client/requests';
	import type { Named } from '$lib/wire/shapes';
	import { getSettings } from '$lib/client/settings.svelte';
	import { workingFor } from './rows';
	import { swatchAt, swatchHeadShape } from '$lib/wire/swatch';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';

	/** Two swatches side by side: their cloth, and what changes from one to the other. */
	let {
		title,
		working,
		gauge,
		others
	}: {
		title: string;
		working: Working;
		gauge: Gauge;
		others: readonly Named[];
	} = $props();

	const settings = getSettings();
	let id = $state('');
	const other = $derived(others.find((one) => one.id === id) ?? others[0]);
	/** the other's rows, worked; `null` where they cannot be, or while they are on their way */
	let second = $state.raw<Working | null>(null);
	let said = $state('');
	$effect(() => {
		if (other) void fetchRows(other);
	});
	async function fetchRows({ id, title }: Named) {
		said = 'Looking …';
		second = null;
		const answer = await getJson(swatchAt(id), swatchHeadShape);
		const worked = answer.ok ? await workingFor(answer.value.swatch) : null;
		if (other?.id !== id) return;
		second = worked;
		said = answer.ok ? `“${title}” has no rows that can be worked yet.` : answer.error.message;
	}
	const rules = $derived(rulesWith(settings.value.rules));
	const pair = $derived(
		second ? ([summaryOf(working, gauge, rules), summaryOf(second, gauge, rules)] as const) : null
	);
	const long = (mm: number) => lengthSaid(mm, settings.value);

	const LINES: readonly [string, (summary: Summary) => string | number][] = [
		['Stitches', ({ stitches }) => stitches],
		['Rows', ({ rows }) => rows],
		['Crosses', ({ crosses }) => crosses],
		[
			'Plain rows between',
			({ between }) =>
				between
					? between.least === between.most
						? between.least
						: `${between.least} to ${between.most}`
					: 'no two crosses'
		],
		['Leans right, left', ({ leans }) => `${leans.right}, ${leans.left}`],
		['Width over plain ground', ({ drawIn }) => `× ${numberSaid(drawIn, settings.value.locale, 2)}`],
		['Width', ({ widthMm }) => long(widthMm)],
		['Length', ({ heightMm }) => long(heightMm)],
		['Hand movements of all crosses', ({ movements }) => movements],
		['Stitches hanging free at most', ({ mostLoose }) => mostLoose]
	];
	const rows = $derived(Math.min(44, Math.max(working.steps.length, second?.steps.length ?? 0)));
</script>

{#if !other}
	<p>There is no other swatch yet. Make one with another spacing, and set it beside this.</p>
{:else}
	<div class="grid gap-5">
		<Choices
			label="Beside it"
			value={other.id}
			choices={others.map((one) => ({ value: one.id, label: one.title }))}
			onchoose={(value) => (id = value)}
		/>
		{#if second && pair}
			<div class="grid grid-cols-2 gap-5">
				{#each [{ name: title, cloth: working }, { name: other.title, cloth: second }] as { name, cloth }, i (i)}
					<figure class="grid content-start gap-2">
						<figcaption class="font-serif text-xl font-medium">{name}</figcaption>
						<div class="h-80">
							<SwatchPicture working={cloth} hands={settings.value} {rows} fit="whole" />
						</div>
					</figure>
				{/each}
			</div>
			<table class="w-full text-left" data-testid="comparison">
				<thead class="sr-only"><tr><th>What</th><th>{title}</th><th>{other.title}</th></tr></thead>
				<tbody class="divide-y divide-hairline">
					{#each LINES as [what, value] (what)}
						{@const [a, b] = [String(value(pair[0])), String(value(pair[1]))]}
						<tr>
							<th scope="row" class="py-2 pr-3 font-normal">{what}</th>
							<td class="w-1/4 py-2 {a === b ? 'text-quiet' : 'font-semibold'}">{a}</td>
							<td class="w-1/4 py-2 {a === b ? 'text-quiet' : 'font-semibold'}">{b}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="text-quiet">
				Both at this swatch’s gauge. Widths are estimates; a washed swatch knows better.
			</p>
		{:else}
			<p>{said}</p>
		{/if}
	</div>
{/if}
