<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { onMount, untrack } from 'svelte';
	import { ratesWith } from '$core/planning/rates';
	import { spoken } from '$core/swatch/said';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { keepAwake } from '$lib/client/awake';
	import type { Stage } from './stage.svelte';
	import { leadWindows } from './windows';
	import { openedKey } from './opened';
	import { Lead } from './lead.svelte';
	import { stageKeys } from './stageKeys';
	import { switchesOf } from './switches';
	import StageHead from './StageHead.svelte';
	import StageSwitches from './StageSwitches.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import Countdown from './Countdown.svelte';
	import StageBeside from './StageBeside.svelte';
	import StagePicture from './StagePicture.svelte';
	import StageStrip from './StageStrip.svelte';
	import StageWords, { rowNow } from './StageWords.svelte';

	/** The stage that leads: it is given from here, and every other window follows. */
	let {
		id,
		stage,
		texts,
		now
	}: { id: string; stage: Stage; texts: Readonly<Record<string, string>>; now: number } = $props();

	/** how far a finger is drawn before it turns the page */
	const SWIPE_PX = 50;

	const settings = getSettings();
	const rates = $derived(ratesWith(settings.value.rates));
	const lead = untrack(() => new Lead(id, stage));
	const part = $derived(lead.part);

	$effect(() => {
		void [now, stage.moment.step];
		if (part) untrack(() => lead.tick(now));
	});

	$effect(() => {
		void [stage.moment.wrong, stage.finding?.mend];
		untrack(() => lead.keepWrong(Date.now()));
	});

	$effect(() => {
		void [stage.moment, stage.voice, stage.wrongShown];
		untrack(() => lead.followers?.tell());
	});

	$effect(() => {
		const room = lead.followers?.room;
		if (!room) return;
		const { part: of, step, waits, wrong } = room;
		untrack(() => lead.room.noteRoom(Date.now(), of, { step, waits: waits.count, wrong: wrong.count }));
	});

	let windows: ReturnType<typeof leadWindows> | undefined;
	$effect(() => {
		void [stage.moment, lead.phones, lead.clock.isOn, lead.clock.running, Math.round(lead.clock.seconds / 5)];
		untrack(() => windows?.tell());
	});
	onMount(() => {
		lead.room.resume(Date.now());
		void lead.takeUp(localStorage.getItem(openedKey(id)) !== null);
		const deaf = lead.room.listen();
		windows = leadWindows(
			id,
			() => ({
				moment: stage.moment,
				clock: lead.clock,
				phones: lead.phones,
				marks: (lead.part && lead.room.marks[lead.part.id]) ?? {}
			}),
			{
				does: (what) => lead.ask(what),
				mark: (part, marks) => lead.room.mark(Date.now(), part, marks),
				putWrong: (wrong) => stage.set({ wrong })
			}
		);
		const sleep = keepAwake();
		const leave = () => {
			lead.tick(Date.now());
			lead.room.send();
		};
		addEventListener('pagehide', leave);
		return () => {
			leave();
			deaf();
			removeEventListener('pagehide', leave);
			windows?.close();
			lead.followers?.pause();
			sleep();
			if ('speechSynthesis' in window) speechSynthesis.cancel();
		};
	});

	// What is said aloud: a row that has come, or the sentence of a step.
	$effect(() => {
		const rows = rowNow(stage);
		const said = rows
			? spoken(rows, stage.rows?.working.pattern.rounds ?? false)
			: stage.script?.told[stage.moment.step].sentence;
		if (!lead.aloud || !said || !('speechSynthesis' in window)) return;
		speechSynthesis.cancel();
		speechSynthesis.speak(new SpeechSynthesisUtterance(said));
	});

	// Hands full of wool: it goes on by itself.
	$effect(() => (lead.byItself ? lead.goOn(rates.shown[stage.lesson.level]) : undefined));

	async function endClass() {
		lead.end(Date.now());
		// While the server is away there is no other page to go to; what was noted waits here.
		const here = await fetch('/health').then(
			({ ok }) => ok,
			() => false
		);
		if (here) await goto(resolve('/lessons/[id]/after', { id }));
		else lead.ended = true;
	}

	const secondWindow = (as: 'class' | 'notes') =>
		void window.open(
			`${resolve('/lessons/[id]/teach', { id })}?as=${as}`,
			`pond-${as}-${id}`,
			'popup,width=1280,height=800'
		);

	/** Where a finger was put down. */
	let finger: { readonly x: number; readonly y: number } | null = null;
	/** A finger that is drawn across goes with the page: to the left on, to the right back. */
	function drawn({ changedTouches: [end] }: TouchEvent) {
		if (!finger || !part) return;
		const [x, y] = [end.clientX - finger.x, end.clientY - finger.y];
		if (Math.abs(x) < SWIPE_PX || Math.abs(x) < 2 * Math.abs(y)) return;
		if (x < 0) stage.forward();
		else stage.back();
	}

	/** The picture is a touch zone as well: its left third goes back, the rest forward. */
	function touch(event: MouseEvent) {
		if (!part || (event.target as Element).closest('button, a, summary')) return;
		const { left, width } = (event.currentTarget as Element).getBoundingClientRect();
		if (event.clientX < left + width / 3) stage.back();
		else stage.forward();
	}

	function wholeScreen() {
		if (document.fullscreenElement) void document.exitFullscreen();
		else void document.documentElement.requestFullscreen?.().catch(() => {});
	}

	/** notes were asked for just now, and are to be written in */
	let opening = false;
	function openBeside() {
		lead.beside = !lead.beside;
		opening = lead.beside;
	}
	function beside(aside: HTMLElement) {
		if (opening) aside.querySelector('textarea')?.focus();
		opening = false;
	}

	/** what the class measures is written down beside the stage */
	let logging = $state(false);
	/** on a narrow page what is asked stands out of the way of what is played */
	let folded = $state(false);
	const switches = $derived(switchesOf(lead, openBeside));

	useKeys(
		untrack(() =>
			stageKeys(lead, () => switches, {
				secondWindow,
				wholeScreen,
				leave: () =>
					lead.asking
						? lead.wrong()
						: lead.meeting
							? void lead.meet()
							: void goto(resolve('/lessons/[id]', { id }))
			})
		)
	);
</script>

<div
	class="stage"
	class:aside={lead.beside || lead.asking || lead.meeting || (logging && part?.kind === 'measure')}
	class:asking={(lead.asking && !folded) || lead.meeting}
	class:under={lead.asking && folded}
	data-theme="evening"
>
	<StageHead {lead} {now} onend={endClass} onwhole={wholeScreen} />

	<!-- Keys and buttons do the same; this is for a thumb that does not look. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
	<div
		class="picture"
		onclick={touch}
		ontouchstart={({ touches }) =>
			(finger = touches.length === 1 ? { x: touches[0].clientX, y: touches[0].clientY } : null)}
		ontouchend={drawn}
	>
		{#if !part}
			<div class="grid h-full place-items-center p-8 text-center">
				<div>
					<p class="mb-5 font-serif text-3xl">This lesson has no parts yet.</p>
					<a class="btn btn-outline" href={resolve('/lessons/[id]', { id })}>Write it first</a>
				</div>
			</div>
		{:else if stage.moment.blank}
			<p class="grid h-full place-items-center text-xl opacity-80">
				Blank. Next, or the dot, shows it again.
			</p>
		{:else}
			<StagePicture {stage} {texts} />
			<div class="absolute top-3 right-5 sm:right-10"><Countdown {stage} {now} /></div>
			{#if part.kind === 'measure' && !logging && !stage.wrongShown}
				<button type="button" class="ask btn px-6! py-3! text-xl btn-primary" onclick={() => (logging = true)}
					>Write it in the log</button
				>
			{/if}
			{#if stage.asks && !stage.moment.told && !stage.wrongShown}
				<button type="button" class="ask btn px-6! py-3! text-xl btn-primary" onclick={() => lead.ask('tell')}
					>{part.kind === 'mend' ? 'Show where it comes from, and the mend' : 'Show the answer'}
					<kbd class="kbd">Enter</kbd></button
				>
			{/if}
		{/if}
		{#if !lead.room.isOn && stage.moment.at === 0 && !stage.moment.blank}
			{#await import('$lib/lesson/BeforeGoing.svelte') then { default: BeforeGoing }}
				<div class="before"><BeforeGoing {id} lesson={stage.lesson} /></div>
			{/await}
		{/if}
		{#if lead.ledElsewhere}
			<div class="rest" role="alert">
				<p class="text-xl">
					Another tab or device leads this class now{lead.followers
						? '. Phones follow it, not this page'
						: ''}.
				</p>
				<button type="button" class="btn btn-outline" onclick={() => void lead.takeBack()}
					>Lead it from here</button
				>
			</div>
		{:else if lead.ended}
			<div class="rest" role="status">
				<p class="text-xl">
					The class is over. The server is away: what was noted is kept here and sent when it is back.
				</p>
			</div>
		{:else if lead.restDue}
			<div class="rest" role="alert">
				<p class="text-xl">
					Hands have worked for {Math.floor(lead.sinceRest)} minutes. Put the needles down for a moment, and stretch.
				</p>
				<button type="button" class="btn btn-outline" onclick={() => lead.rest()}>We have rested</button>
			</div>
		{/if}
	</div>

	<div class="says px-5 pt-3 sm:px-10">
		<div class="words" aria-live="polite">
			{#if part && !stage.moment.blank}<StageWords {stage} />{/if}
		</div>
		{#if lead.followers?.room && !lead.meeting}
			{#await import('./FollowersGlance.svelte') then { default: FollowersGlance }}
				<FollowersGlance room={lead.followers.room} onopen={() => void lead.meet()} />
			{/await}
		{/if}
		{#if stage.repeatsLeft && !stage.wrongShown}
			<button type="button" class="has-it btn btn-outline" onclick={() => stage.skip(1)}
				>They have it: on <kbd class="kbd hidden sm:inline-block">H</kbd></button
			>
		{/if}
		<button
			type="button"
			class="thumb"
			onclick={() => stage.back()}
			disabled={stage.wrongShown ? stage.wrongShown.step === 0 : stage.isFirst}
			aria-label="Back"
		>
			<Icon name="chevron-left" size={54} />
		</button>
		<button
			type="button"
			class="thumb main"
			onclick={() => stage.forward()}
			disabled={stage.wrongShown ? stage.wrongShown.step >= stage.wrongShown.told.length - 1 : stage.isLast}
			aria-label="Next"
		>
			<Icon name="chevron-right" size={54} />
		</button>
	</div>

	<StageStrip {stage} />
	<StageSwitches
		{switches}
		windows={[
			{ says: 'a window for the class', run: () => secondWindow('class') },
			{ says: 'a window for me', run: () => secondWindow('notes') }
		]}
	/>
</div>

{#if logging && part?.kind === 'measure'}
	{#await import('./StageMeasure.svelte') then { default: StageMeasure }}
		<StageMeasure {stage} {part} onclose={() => (logging = false)} />
	{/await}
{:else if lead.asking}
	{#await import('./StageWrong.svelte') then { default: StageWrong }}
		<StageWrong {stage} bind:folded onclose={() => lead.wrong()} />
	{/await}
{:else if lead.meeting && lead.followers}
	{#await import('./StageFollowers.svelte') then { default: StageFollowers }}
		<StageFollowers {stage} followers={lead.followers} onclose={() => (lead.meeting = false)} />
	{/await}
{:else if lead.beside && part}
	{#key part.id}<StageBeside
			{stage}
			room={lead.room}
			late={lead.late}
			{rates}
			onwindow={secondWindow}
			onclose={() => (lead.beside = false)}
			onopen={beside}
		/>{/key}
{/if}

<style>
	.stage {
		container-type: inline-size;
		position: fixed;
		inset: 0;
		display: grid;
		grid-template-rows: auto minmax(30dvh, 1fr) auto auto auto;
		grid-template-columns: minmax(0, 1fr);
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	@media (min-width: 60rem) {
		.stage.aside {
			right: 24rem;
		}
	}
	@media (max-width: 59.99rem) {
		.asking {
			bottom: 55dvh;
			grid-template-rows: auto minmax(0, 1fr);
		}
		.under > :global(:first-child) {
			visibility: hidden;
		}
		.asking > :global(:nth-child(n + 3)) {
			display: none;
		}
	}
	/* A low window, or words made large, scrolls: nothing is out of reach. */
	@media (max-height: 35rem) {
		.stage {
			overflow-y: auto;
			grid-template-rows: auto minmax(14rem, 1fr) auto auto auto;
		}
	}
	.stage :focus-visible {
		outline-color: var(--color-primary);
	}
	.picture {
		position: relative;
		touch-action: pan-y pinch-zoom;
		min-height: 0;
		overflow: hidden;
	}
	.ask {
		position: absolute;
		bottom: 1rem;
		left: 50%;
		translate: -50% 0;
	}
	.says {
		display: flex;
		align-items: center;
		gap: 1.25rem;
	}
	.words {
		flex: 1;
		min-height: 8rem;
	}
	.has-it {
		max-width: 9rem;
	}
	.before {
		position: absolute;
		inset: 0.5rem auto auto 1.25rem;
		max-width: min(34rem, 100% - 2.5rem);
		background: var(--color-base-200);
	}
	.rest {
		position: absolute;
		inset: auto 0 0;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: center;
		gap: 0.8rem 1.6rem;
		padding: 0.9rem 1.5rem;
		background: var(--color-base-100);
		border-top: 2px solid var(--color-accent);
	}
	.thumb {
		display: grid;
		place-items: center;
		flex: none;
		width: clamp(4.2rem, 8.2vw, 8rem);
		height: clamp(5rem, 9vw, 8rem);
		border: 2.5px solid var(--color-stage-edge);
		border-radius: 1rem;
		cursor: pointer;
	}
	.thumb.main {
		background: var(--color-primary);
		color: var(--color-primary-content);
		border-color: var(--color-primary);
	}
	/* A hand that holds a phone has its thumb at the bottom; the words take the whole width above. */
	@container (max-width: 46rem) {
		.says {
			flex-wrap: wrap;
			gap: 0.6rem;
		}
		.words {
			flex-basis: 100%;
			min-height: 6rem;
			max-height: 34dvh;
			overflow-y: auto;
		}
		.has-it {
			flex: 1;
		}
		.thumb {
			flex: 1;
			height: 3.6rem;
		}
	}
	.thumb:disabled {
		opacity: 0.35;
	}
</style>
