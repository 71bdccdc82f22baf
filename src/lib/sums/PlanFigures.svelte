<script lang="ts">
	import { lengthSaid } from '$core/hands/voice';
	import { dryingOf } from '$core/measures/finish';
	import type { Plan } from '$core/measures/plan';
	import { numberSaid, pointsIn } from '$core/locale';
	import { counted } from '$core/naming/numbers';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { Planned } from './planning.svelte';

	/** What a plan comes to, why, and the next smaller and larger. */
	let {
		plan,
		fibre,
		knitting,
		onsize
	}: {
		plan: Planned;
		fibre: string;
		/** how long it takes to knit, and by how many of the teacher's pieces; by none, by rates */
		knitting: { readonly minutes: number; readonly byPieces: number };
		onsize: (dry: Plan['dry']) => void;
	} = $props();

	const settings = getSettings();
	const said = (mm: number) => lengthSaid(mm, settings.value);
	const size = ({ widthMm, heightMm }: Plan['dry']) => `${said(widthMm)} × ${said(heightMm)}`;
	const drying = $derived(dryingOf(fibre));
	const hours = $derived(knitting.minutes / 60);
	/** one repeat less up, and one more */
	const heights = $derived.by(() => {
		const [rows, mm] = [plan.rows / plan.repeatsUp, plan.dry.heightMm / plan.repeatsUp];
		const by = (says: string, n: number) => ({
			says,
			rows: plan.rows + n * rows,
			dry: { ...plan.dry, heightMm: plan.dry.heightMm + n * mm }
		});
		return [...(plan.repeatsUp > 1 ? [by('Shorter', -1)] : []), by('Longer', 1)];
	});
	const OF = { edge: 'edge, each side', ground: 'plain ground', repeats: 'in repeats' } as const;
	const figures = $derived([
		{ what: 'Cast on', is: counted(plan.castOn, 'stitch', 'stitches') },
		{ what: 'Across', is: plan.stitches.map(({ of, count }) => `${count} ${OF[of]}`).join(' · ') },
		{ what: 'Rows', is: `${plan.rows}, ${counted(plan.repeatsUp, 'repeat')}` },
		{ what: 'Dry', is: size(plan.dry) },
		{ what: 'On the needle', is: size(plan.onNeedle) },
		...(plan.needle === null
			? []
			: [
					{
						what: 'Needle for the round',
						is: plan.needle === 'double-pointed' ? 'double-pointed, or one long loop' : said(plan.needle)
					}
				]),
		{
			what: 'Yarn, with what is spare',
			is: `${Math.ceil(plan.yarn.grams)} g · ${Math.ceil(plan.yarn.metres)} m${plan.yarn.balls === null ? '' : ` · ${counted(plan.yarn.balls, 'ball')}`}`
		},
		...(plan.flare > 0
			? [
					{
						what: 'So that borders do not flare',
						is: `${counted(plan.flare, 'stitch', 'stitches')} fewer in them`
					}
				]
			: []),
		...(plan.seam ? [{ what: 'In a seam', is: plan.seam.says }] : []),
		{
			what:
				knitting.byPieces > 0
					? `Knitting, as you took for ${knitting.byPieces} pieces`
					: 'Knitting, at your rates, crosses and all',
			is: `${hours < 1 ? 'under an hour' : `about ${counted(Math.round(hours), 'hour')}`}, ${numberSaid(knitting.minutes / plan.rows, settings.locale)} min a row`
		},
		{ what: 'Drying', is: drying.takes },
		{ what: 'Pinning', is: drying.keeps }
	]);
</script>

<dl>
	{#each figures as { what, is } (what)}
		<div class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-hairline py-2">
			<dt>{what}</dt>
			<dd class="text-right font-semibold tabular-nums">{is}</dd>
		</div>
	{/each}
</dl>
<div class="print:hidden">
	<h2 class="text-lg">Beside it</h2>
	<p class="mt-2 flex flex-wrap gap-3">
		{#each plan.others as other (other.castOn)}
			<button type="button" class="btn btn-outline" onclick={() => onsize(other.dry)}
				>{other.castOn < plan.castOn ? 'Narrower' : 'Wider'}: {said(other.dry.widthMm)}, {other.castOn} stitches</button
			>
		{/each}
		{#each heights as { says, dry, rows } (says)}
			<button type="button" class="btn btn-outline" onclick={() => onsize(dry)}
				>{says}: {said(dry.heightMm)}, {rows} rows</button
			>
		{/each}
	</p>
</div>
<div>
	<h2 class="text-lg">Why</h2>
	<ul class="mt-2 grid gap-1.5" aria-label="Why these numbers">
		{#each plan.why as reason (reason)}<li class="border-l-4 border-accent pl-3">
				{pointsIn(reason, settings.value.locale)}
			</li>{/each}
	</ul>
</div>
