<script lang="ts">
	import { answeredAcross, answerFor } from '$core/lesson/answers';
	import { sideCounted } from '$core/swatch/counting';
	import { hasFace } from '$core/lesson/kinds';
	import { mirrorIn } from '$core/technique/medium';
	import { nameIn } from '$core/naming/schools';
	import { nameOf } from '$core/naming/name';
	import { handed } from '$core/ways/handed';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import FittedCross from '$lib/drawing/FittedCross.svelte';
	import type { Stage } from './stage.svelte';

	/** What the class looks at: a cloth that went wrong, the work, both sides of it, both leans, rows, a puzzle or words. */
	let { stage, texts }: { stage: Stage; texts: Readonly<Record<string, string>> } = $props();

	const moment = $derived(stage.moment);
	const part = $derived(stage.now!.part);
	const voice = $derived(stage.voice);
	const seen = $derived(stage.seen);
	/** as long a glide as the eye wants when it is shown slower */
	const SLOWER = 3;
	/** rows of a chart that are seen on both sides of the one in hand */
	const ABOVE_AND_BELOW = 4;

	const leans = $derived.by(() => {
		if (!seen) return [];
		const { medium } = stage.lesson;
		const mirrored = mirrorIn(seen.taught.crossing, medium);
		const other = handed(mirrored, voice).cloth;
		const school = moment.school ?? 'over';
		return [
			{ crossing: seen.hands.cloth, name: seen.taught.name },
			{ crossing: other, name: nameIn(mirrored, school, medium).name ?? nameOf(other) }
		];
	});
	const step = $derived(stage.rows?.steps.at(moment.step));
</script>

{#snippet cloth(rows: number)}
	{#await import('$lib/drawing/SwatchPicture.svelte') then { default: SwatchPicture }}<SwatchPicture
			working={stage.rows!.working}
			hands={voice}
			{rows}
			side={part.kind === 'count' ? sideCounted(stage.lesson.medium) : 'right'}
			fit="whole"
		/>{/await}
{/snippet}

{#if moment.answers}
	{#await Promise.all( [import('./AnswersChart.svelte'), import('$core/teaching/question'), import('$core/teaching/answering')] ) then [{ default: AnswersChart }, { questionOf }, { isRight }]}
		{@const question = questionOf(stage.lesson, part)}
		{@const right = question && 'right' in question ? question.right : null}
		{@const told = part.kind === 'check' ? answerFor(stage.lesson, part, voice) : right}
		<AnswersChart
			asks={question?.asks ?? ''}
			answers={moment.answers.map(({ answer, count }) => {
				const said = answeredAcross(stage.lesson, part, answer, voice);
				return { answer: said, count, right: told !== null && isRight(said, told) === true };
			})}
			told={moment.told ? told : null}
		/>
	{/await}
{:else if stage.wrongShown}
	{@const finding = stage.wrongShown}
	{#await import('$lib/mending/TroublePicture.svelte') then { default: TroublePicture }}
		<TroublePicture {finding} />
	{/await}
{:else if seen && moment.look === 'sides'}
	<div class="pair">
		{#each ['right', 'wrong'] as const as side (side)}
			<figure>
				<ClothPicture
					crossing={seen.hands.cloth}
					from={voice.hand}
					{side}
					alt="{seen.taught.name}, {side} side"
				/>
				<figcaption>
					{side === 'right' ? 'The right side' : 'The wrong side: meant to look so'}
				</figcaption>
			</figure>
		{/each}
	</div>
{:else if seen && moment.look === 'leans'}
	<div class="pair">
		{#each leans as { crossing, name }, i (i)}
			<figure>
				<ClothPicture {crossing} from={voice.hand} alt={name} />
				<figcaption>{name}</figcaption>
			</figure>
		{/each}
	</div>
{:else if seen?.shown}
	<FittedCross
		shown={seen.shown}
		at={moment.step}
		crossing={seen.hands.played}
		{voice}
		facing={moment.facing}
		slow={stage.repeat?.slower ? SLOWER : 1}
		alt="{seen.taught.name}: {seen.shown.script.told[moment.step].sentence}"
	/>
{:else if hasFace(part, 'cross') && seen}
	<div class="grid h-full grid-cols-[minmax(0,36rem)] items-center justify-center p-4">
		<ClothPicture
			crossing={seen.hands.cloth}
			from={voice.hand}
			alt="{seen.taught.name}, worked {seen.hands.played.order.join(' ')}"
		/>
	</div>
{:else if hasFace(part, 'pair')}
	<div class="mx-auto h-full max-w-6xl p-4 text-xl">
		{#await import('$lib/lesson/CompareView.svelte') then { default: CompareView }}<CompareView
				lesson={stage.lesson}
				{part}
				{voice}
				step={moment.step}
			/>{/await}
	</div>
{:else if hasFace(part, 'mistake') && seen}
	<div class="mx-auto h-full max-w-5xl overflow-y-auto p-4 text-xl lg:text-2xl">
		{#await import('$lib/lesson/MendView.svelte') then { default: MendView }}<MendView
				lesson={stage.lesson}
				{part}
				{voice}
				told={moment.told}
			/>{/await}
	</div>
{:else if stage.row && stage.rows && part.kind === 'swatch' && part.read === 'chart' && step !== undefined}
	{@const { working } = stage.rows}
	<div class="mx-auto grid h-full max-w-6xl grid-rows-[minmax(0,1fr)] p-4">
		{#await import('$lib/drawing/ChartPicture.svelte') then { default: ChartPicture }}<ChartPicture
				{working}
				{voice}
				first={Math.max(0, step - ABOVE_AND_BELOW)}
				last={Math.min(working.steps.length, step + ABOVE_AND_BELOW + 1)}
				{step}
				alt="Row {working.steps[step].row.n} on the chart"
			/>{/await}
	</div>
{:else if stage.row && stage.rows && step !== undefined}
	{@const crosses = stage.rows.working.steps[step].worked.crossings.length > 0}
	<div
		class="mx-auto grid h-full max-w-6xl content-center gap-6 overflow-y-auto p-4"
		class:sm:grid-cols-[2fr_1fr]={crosses}
	>
		{#if crosses}
			<div class="self-center">
				{#await import('$lib/drawing/PictureRow.svelte') then { default: PictureRow }}<PictureRow
						working={stage.rows.working}
						{step}
						hands={voice}
						alt="{stage.row.head}: {stage.row.words}"
					/>{/await}
			</div>
		{/if}
		<div class={crosses ? 'h-[38vh]' : 'h-[52vh] min-h-40'}>{@render cloth(step + 1)}</div>
	</div>
{:else if stage.rows && hasFace(part, 'count')}
	<div class="mx-auto h-full max-w-4xl p-4">
		{@render cloth(part.row ?? Infinity)}
	</div>
{:else if hasFace(part, 'rows') && seen}
	<div class="grid h-full grid-cols-[minmax(0,42rem)] items-center justify-center p-4">
		<ClothPicture crossing={seen.hands.cloth} from={voice.hand} numbers={false} alt={seen.taught.name} />
	</div>
{:else if stage.points.at(moment.step)?.step}
	{@const { step, title } = stage.points[moment.step]}
	<div class="mx-auto h-full max-w-4xl p-4">
		{#await import('$lib/drawing/StepPicture.svelte') then { default: StepPicture }}<StepPicture
				step={step!}
				alt={title}
			/>{/await}
	</div>
{:else if part.kind === 'tension' && seen}
	<div class="mx-auto h-full max-w-4xl p-4 text-xl">
		{#await Promise.all( [import('$lib/drawing/TensionPicture.svelte'), import('$core/teaching/ropes')] ) then [{ default: TensionPicture }, { ropesOf }]}<TensionPicture
				ropes={ropesOf(stage.lesson, seen.taught)}
				medium={stage.lesson.medium}
				hands={voice}
				shown={moment.step + 1}
			/>{/await}
	</div>
{:else}
	<!-- Long texts are scrolled by key. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="words" tabindex="0">
		{#if part.kind === 'check'}
			<p>{part.question}</p>
			{#if moment.told}<p class="mt-6 border-t border-current pt-6" role="status">
					{answerFor(stage.lesson, part, stage.voice)}
				</p>{/if}
		{:else if part.kind === 'care' && !texts[part.id]}
			<p>
				Put the needles down. Open the hands wide, close them softly, let the wrists circle. Look far away.
			</p>
			<p>Whoever feels pain stops for today; pain that stays is for a doctor or a hand therapist.</p>
		{:else}
			<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark on the server, raw HTML escaped -->
			{@html stage.told(texts[part.id] ?? '')}
		{/if}
	</div>
{/if}

<style>
	.pair {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, min(32rem, 52vh)));
		gap: 2rem;
		height: 100%;
		place-content: center;
		padding: 1rem;
	}
	@media (orientation: portrait) {
		.pair {
			grid-template-columns: minmax(0, min(34rem, 33vh));
			gap: 0.8rem;
		}
	}
	figcaption {
		margin-top: 0.4rem;
		text-align: center;
		font-size: clamp(1.1rem, 2vw, 1.7rem);
		font-weight: 600;
	}
	.words {
		height: 100%;
		overflow-y: auto;
		max-width: 60rem;
		margin-inline: auto;
		padding: 4vh 2.5rem;
		font-size: clamp(1.35rem, 2.9vw, 2.5rem);
		line-height: 1.45;
	}
	.words :global(p + p) {
		margin-top: 0.8em;
	}
	.words :global(ul) {
		list-style: disc;
		padding-left: 1.2em;
	}
</style>
