<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import { diagnose, QUESTIONS, type Cause } from '$core/faults/diagnose';
	import { looksOf } from '$core/faults/fault';
	import { asMeant, mendsOf } from '$core/faults/mends';
	import { seenOf, type Seen, type SeenField } from '$core/faults/seen';
	import { counted } from '$core/naming/numbers';
	import { isBed } from '$core/technique/medium';
	import { bedWaysOf } from '$core/ways/bed';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import CountField from '$lib/ui/CountField.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { FAULT_WORDS, seenSaid } from './faultWords';
	import type { Subject } from './subject.svelte';

	/** A learner's cloth is held up: what do eyes tell of it, what did the hands do, and what is least to mend? */
	let { subject }: { subject: Subject } = $props();

	const { medium: inMedium } = $derived(subject.read);
	const bed = $derived(isBed(inMedium) ? inMedium : undefined);
	const playable = $derived(bed !== undefined || inMedium === 'hand');
	const crossing = $derived(subject.crossing);

	let answers = $state.raw<Partial<Seen>>({});
	/** what cannot be seen is not asked again */
	let unseen = $state.raw<readonly SeenField[]>([]);
	const begin = () => {
		answers = {};
		unseen = [];
	};
	$effect(() => {
		void crossing;
		begin();
	});

	const found = $derived(playable ? diagnose(crossing, answers, { medium: bed, unseen }) : null);
	const causes = $derived(found?.causes ?? []);
	/** causes that look alike stand together, whatever way they come from */
	const slips = $derived([...new Set(causes.map(({ slip }) => slip))]);
	const options = $derived.by(() => {
		const field = found?.ask?.field;
		if (!field) return [];
		const seen = new Set(causes.map((one) => one.seen[field]));
		return [...seen].map((value) => ({ field, value, says: seenSaid(field, value) }));
	});
	const given = $derived(
		(Object.entries(answers) as [SeenField, Seen[SeenField] | undefined][]).flatMap(([field, value]) =>
			value === undefined ? [] : [{ field, says: seenSaid(field, value) }]
		)
	);

	let rows = $state(4);
	let width = $state(20);
	const right = $derived(seenOf(crossing, asMeant(crossing), 0));
	const clothOf = ({ result }: Cause): Crossing | null =>
		result.order.length === crossing.stitches
			? { ...crossing, ...result, stitches: crossing.stitches }
			: null;
	const mendsFor = (cause: Cause) => {
		const again = bed ? bedWaysOf(crossing, bed).at(0) : undefined;
		const mends = mendsOf(crossing, cause, { rows, width: Math.max(width, crossing.stitches), at: 1 }, again);
		return mends.ok ? mends.value : [];
	};
	const waysOf = (slip: Cause['slip']) =>
		causes.filter((one) => one.slip === slip).map(({ way }) => way.title.toLowerCase());
	/** so few that they are told in full */
	const FEW = 3;
</script>

<div class="grid grid-cols-1 gap-5">
	<h2 class="text-xl">A cloth that looks wrong</h2>
	{#if !playable}
		<p>Slips are played for crosses made by hand, at a machine and at a loom.</p>
	{:else}
		{#if given.length + unseen.length > 0}
			<p class="flex flex-wrap gap-2">
				{#each given as { field, says } (field)}
					<button
						type="button"
						class="btn btn-sm"
						onclick={() => {
							answers = { ...answers, [field]: undefined };
						}}>{says} <Icon name="x" size={16} /><span class="sr-only">: take this answer back</span></button
					>
				{/each}
				<button type="button" class="btn btn-sm" onclick={begin}>Begin again</button>
			</p>
		{/if}
		{#if found?.ask}
			{@const { field } = found.ask}
			<section aria-live="polite" class="grid gap-2">
				<p class="font-serif text-lg font-medium">{QUESTIONS[field]}</p>
				<div class="flex flex-wrap gap-2">
					{#each options as { value, says } (says)}
						<button
							type="button"
							class="btn btn-outline"
							onclick={() => (answers = { ...answers, [field]: value })}>{says}</button
						>
					{/each}
					<button type="button" class="btn" onclick={() => (unseen = [...unseen, field])}>cannot see</button>
				</div>
			</section>
		{/if}
		<section aria-live="polite" class="grid gap-4">
			<h3 class="text-lg">
				{causes.length === 0
					? 'No slip looks like that'
					: slips.length === 1
						? 'This is what happened'
						: `${counted(slips.length, 'slip')} it may be`}
			</h3>
			{#if causes.length === 0}
				<p>
					Hands that make one slip make no such cloth. Take an answer back, or look for two slips at once.
				</p>
			{/if}
			{#each slips as slip (slip)}
				{@const cause = causes.find((one) => one.slip === slip)!}
				{@const cloth = slips.length <= FEW ? clothOf(cause) : null}
				<article class="grid gap-2 border-l-4 border-accent pl-3">
					<p>
						<b>{FAULT_WORDS[slip]}</b>
						<span class="block">{looksOf(cause.seen, right)}</span>
						<span class="block text-sm text-quiet">with {[...new Set(waysOf(slip))].join('; ')}</span>
					</p>
					{#if cloth}
						<div class="grid grid-cols-2 gap-3">
							<figure>
								<ClothPicture crossing={cloth} from={subject.voice.hand} numbers={false} alt="As it is" />
								<figcaption class="text-sm">as it is</figcaption>
							</figure>
							<figure>
								<ClothPicture {crossing} from={subject.voice.hand} numbers={false} alt="As it was meant" />
								<figcaption class="text-sm">as it was meant</figcaption>
							</figure>
						</div>
					{/if}
					{#if slips.length <= FEW}
						<ol class="grid gap-2" aria-label="Mends of {FAULT_WORDS[slip]}">
							{#each mendsFor(cause) as { id, movements, restores, steps, because } (id)}
								<li>
									<details>
										<summary class="min-h-8 cursor-pointer">
											<span class="font-semibold">{FAULT_WORDS[id]}</span>, {counted(
												movements,
												'movement'
											)}{restores ? '' : '; the cross stays wrong'}
										</summary>
										<ul class="mt-1 list-disc pl-5">
											{#each steps as says (says)}<li>{says}</li>{/each}
										</ul>
										<p class="text-sm text-quiet">{because}</p>
									</details>
								</li>
							{/each}
						</ol>
					{/if}
				</article>
			{/each}
		</section>
		{#if slips.length > 0 && slips.length <= FEW}
			<div class="flex flex-wrap gap-4">
				<CountField
					label="Whole rows since"
					value={rows}
					least={0}
					most={9999}
					wide
					onset={(n) => (rows = n)}
				/>
				<CountField
					label="Stitches in a row"
					value={width}
					least={1}
					most={999}
					wide
					onset={(n) => (width = n)}
				/>
			</div>
		{/if}
	{/if}
</div>
