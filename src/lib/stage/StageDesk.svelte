<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { onMount, tick, untrack } from 'svelte';
	import { lateBy } from '$core/teaching/clock';
	import { clockAt } from '$core/lesson/lesson';
	import { lateSaid } from '$core/teaching/minutes';
	import { timeSaid } from '$lib/ui/locale';
	import { ratesWith } from '$core/planning/rates';
	import { minutesSinceRest, REST_AFTER_MINUTES } from '$core/teaching/rest';
	import { spoken } from '$core/swatch/said';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { lessonTaughtAt } from '$lib/wire/lesson';
	import { outbox } from '$lib/client/outbox.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { keepAwake } from './awake';
	import { Classroom } from './classroom.svelte';
	import type { Look } from './moment';
	import type { Stage } from './stage.svelte';
	import { leading, type Asked } from './windows';
	import SaveState from '$lib/ui/SaveState.svelte';
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

	const settings = getSettings();
	const rates = $derived(ratesWith(settings.value.rates));
	const room = untrack(() => new Classroom(id, stage));
	const part = $derived(stage.now?.part);
	const late = $derived(lateBy(stage.lesson, stage.moment.at, room.spent));
	const hands = $derived(stage.voice.hand === 'right' ? 'left-handed' : 'right-handed');
	const yarnHands = $derived(stage.voice.yarnHand === 'right' ? 'yarn left' : 'yarn right');

	let beside = $state(false);
	let aloud = $state(false);
	let byItself = $state(false);
	let restWaved = $state(0);
	let ended = $state(false);
	const sinceRest = $derived(minutesSinceRest(stage.lesson, room.stretches));
	const restDue = $derived(
		room.running && part?.kind !== 'care' && sinceRest - restWaved >= REST_AFTER_MINUTES
	);
	$effect(() => {
		if (sinceRest < 1) restWaved = 0;
	});

	$effect(() => {
		if (part) untrack(() => room.tick(now, part.id));
		void now;
	});

	const clock = $derived({ isOn: room.isOn, running: room.running, seconds: Math.round(room.seconds), late });
	let windows: ReturnType<typeof leading> | undefined;
	$effect(() => {
		void [stage.moment, clock.isOn, clock.running, Math.round(clock.seconds / 5)];
		untrack(() => windows?.tell());
	});
	onMount(() => {
		room.resume(Date.now());
		windows = leading(id, () => ({ moment: stage.moment, clock }), ask);
		const sleep = keepAwake();
		const leave = () => {
			if (part) room.tick(Date.now(), part.id);
			room.send();
		};
		addEventListener('pagehide', leave);
		return () => {
			leave();
			removeEventListener('pagehide', leave);
			windows?.close();
			sleep();
			if ('speechSynthesis' in window) speechSynthesis.cancel();
		};
	});

	const ASKED: Readonly<Record<Asked, () => void>> = {
		forward: () => stage.forward(),
		back: () => stage.back(),
		'next-part': () => stage.skip(1),
		'part-before': () => stage.skip(-1),
		tell: () => stage.set({ told: true }),
		blank: () => stage.set({ blank: !stage.moment.blank })
	};
	const ask = (does: Asked) => ASKED[does]();

	// What is said aloud: a row that has come, or the sentence of a step.
	$effect(() => {
		const rows = rowNow(stage);
		const said = rows
			? spoken(rows, stage.rows?.working.pattern.rounds ?? false)
			: stage.script?.told[stage.moment.step].sentence;
		if (!aloud || !said || !('speechSynthesis' in window)) return;
		speechSynthesis.cancel();
		speechSynthesis.speak(new SpeechSynthesisUtterance(said));
	});

	// Hands full of wool: it goes on by itself, to the end of the part.
	$effect(() => {
		if (!byItself) return;
		const { step, repeat } = stage.moment;
		if (step >= stage.steps - 1 && repeat >= stage.repeats.length - 1) {
			byItself = false;
			return;
		}
		const seconds = rates.shown[stage.lesson.level] * (stage.repeat?.slower ? 1.5 : 1);
		const timer = setTimeout(() => stage.forward(), seconds * 1_000);
		return () => clearTimeout(timer);
	});

	function startClock() {
		if (room.isOn) return void (part && room.pause(Date.now(), part.id));
		room.start(Date.now());
		outbox.post(lessonTaughtAt(id), {});
	}

	async function endClass() {
		if (part) room.tick(Date.now(), part.id);
		room.end(Date.now());
		// While the server is away there is no other page to go to; what was noted waits here.
		const here = await fetch('/health').then(
			({ ok }) => ok,
			() => false
		);
		if (here) await goto(resolve('/lessons/[id]/after', { id }));
		else ended = true;
	}

	const look = (to: Look) => stage.seen && stage.set({ look: stage.moment.look === to ? 'work' : to });
	const secondWindow = (as: 'class' | 'notes') =>
		void window.open(
			`${resolve('/lessons/[id]/stage', { id })}?as=${as}`,
			`pond-${as}-${id}`,
			'popup,width=1280,height=800'
		);

	/** The picture is a touch zone as well: its left third goes back, the rest forward. */
	function touch(event: MouseEvent) {
		if (!part || (event.target as Element).closest('button, a')) return;
		const { left, width } = (event.currentTarget as Element).getBoundingClientRect();
		if (event.clientX < left + width / 3) stage.back();
		else stage.forward();
	}

	function wholeScreen() {
		if (document.fullscreenElement) void document.exitFullscreen();
		else void document.documentElement.requestFullscreen?.().catch(() => {});
	}

	async function openBeside() {
		beside = !beside;
		await tick();
		if (beside) document.querySelector<HTMLElement>('aside textarea')?.focus();
	}

	/** What stands below the strip, each with its key: what a hand reaches for during class. */
	const SWITCHES = $derived([
		{ key: 'r', cap: 'R', says: 'again', run: () => stage.again(), on: false },
		{ key: 'y', cap: 'Y', says: yarnHands, run: () => stage.switchYarnHand(), on: false },
		{ key: 'l', cap: 'L', says: hands, run: () => stage.switchHand(), on: false },
		{ key: 'w', cap: 'W', says: 'sides', run: () => look('sides'), on: stage.moment.look === 'sides' },
		{ key: 'm', cap: 'M', says: 'leans', run: () => look('leans'), on: stage.moment.look === 'leans' },
		{
			key: 'n',
			cap: 'N',
			says: 'names',
			run: () => stage.switchSchool(),
			on: stage.moment.school !== null
		},
		{
			key: 'g',
			cap: 'G',
			says: `${stage.voice.terms === 'us' ? 'UK' : 'US'} words`,
			run: () => stage.switchTerms(),
			on: false
		},
		{
			key: 'o',
			cap: 'O',
			says: 'facing you',
			run: () => stage.set({ facing: !stage.moment.facing }),
			on: stage.moment.facing
		},
		{ key: 'c', cap: 'C', says: 'timer', run: () => stage.countDown(Date.now()), on: false },
		{ key: 'a', cap: 'A', says: 'by itself', run: () => (byItself = !byItself), on: byItself },
		{ key: 'v', cap: 'V', says: 'aloud', run: () => (aloud = !aloud), on: aloud },
		{ key: '.', cap: '.', says: 'blank', run: () => ask('blank'), on: stage.moment.blank },
		{ key: 'i', cap: 'I', says: 'notes', run: openBeside, on: beside }
	]);

	useKeys([
		{ key: 'Space', cap: 'Space', says: 'next', run: () => stage.forward() },
		{ key: 'ArrowRight', cap: '→', says: 'next', run: () => stage.forward() },
		{
			key: 'PageDown',
			cap: 'Page ↓',
			says: 'next, as a presenter remote sends it',
			run: () => stage.forward()
		},
		{ key: 'ArrowLeft', cap: '←', says: 'back', run: () => stage.back() },
		{ key: 'PageUp', cap: 'Page ↑', says: 'back, as a presenter remote sends it', run: () => stage.back() },
		{ key: 'ArrowDown', cap: '↓', says: 'next part', run: () => stage.skip(1) },
		{ key: 'ArrowUp', cap: '↑', says: 'part before', run: () => stage.skip(-1) },
		{ key: 'Enter', cap: 'Enter', says: 'show the answer', run: () => ask('tell') },
		{ key: 't', cap: 'T', says: 'start or pause the clock of the class', run: startClock },
		...untrack(() => SWITCHES).map(({ key, cap, says }) => ({
			key,
			cap,
			says,
			run: () => SWITCHES.find((one) => one.key === key)!.run()
		})),
		{ key: 'b', cap: 'B', says: 'a window for the class', run: () => secondWindow('class') },
		{ key: 'Shift+b', cap: 'Shift B', says: 'a window for me', run: () => secondWindow('notes') },
		{ key: 'f', cap: 'F', says: 'full screen', run: wholeScreen },
		{
			key: 'Escape',
			cap: 'Esc',
			says: 'leave the stage',
			run: () => void goto(resolve('/lessons/[id]', { id }))
		}
	]);
</script>

<div class="stage" class:aside={beside} data-theme="evening">
	<header class="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 pt-4 pb-3 sm:px-10">
		<h1 class="min-w-0 font-serif text-[1.4rem] font-medium sm:text-[1.7rem]">
			{part?.title ?? stage.lesson.title}
		</h1>
		{#if stage.script || stage.steps > 1}
			<p class="opacity-85 sm:text-lg" data-testid="step">
				step {stage.moment.step + 1} of {stage.steps}{stage.repeat?.said ? ` · ${stage.repeat.said}` : ''}
			</p>
		{/if}
		{#if stage.moment.school && stage.seen}<p class="opacity-85 sm:text-lg">{stage.seen.taught.name}</p>{/if}
		<div class="ml-auto flex items-center gap-2">
			{#if outbox.state !== 'saved'}<div class="hidden sm:block"><SaveState /></div>{/if}
			{#if stage.now && part}
				<p class="mr-2 sm:text-lg" data-testid="clock">
					{#if room.isOn}
						{timeSaid(now, settings.locale)} · {room.running ? lateSaid(late) : 'paused'}
					{:else}
						{clockAt(stage.lesson, stage.now.from, settings.locale)} · {part.minutes} min
					{/if}
				</p>
				<button type="button" class="press" onclick={startClock}
					>{room.running ? 'Pause' : room.isOn ? 'Go on' : 'Start the clock'}
					<kbd class="key-cap hidden sm:inline-block">T</kbd></button
				>
				{#if room.isOn}<button type="button" class="press" onclick={endClass} aria-label="End the class"
						>End</button
					>{/if}
			{/if}
			<button type="button" class="small" onclick={wholeScreen} aria-label="Full screen"
				><Icon name="maximize" size={22} /></button
			>
			<a class="small" href={resolve('/lessons/[id]', { id })} aria-label="Leave the stage"
				><Icon name="x" size={24} /></a
			>
		</div>
	</header>

	<!-- Keys and buttons do the same; this is for a thumb that does not look. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
	<div class="picture" onclick={touch}>
		{#if !part}
			<div class="grid h-full place-items-center p-8 text-center">
				<div>
					<p class="mb-5 font-serif text-3xl">This lesson has no parts yet.</p>
					<a class="press" href={resolve('/lessons/[id]', { id })}>Write it first</a>
				</div>
			</div>
		{:else if stage.moment.blank}
			<p class="grid h-full place-items-center text-xl opacity-80">
				Blank. Next, or the dot, shows it again.
			</p>
		{:else}
			<StagePicture {stage} {texts} />
			<div class="absolute top-3 right-5 sm:right-10"><Countdown {stage} {now} /></div>
			{#if stage.asks && !stage.moment.told}
				<button type="button" class="ask press press-main px-6! py-3! text-xl" onclick={() => ask('tell')}
					>{part.kind === 'mend' ? 'Show where it comes from, and the mend' : 'Show the answer'}
					<kbd class="key-cap">Enter</kbd></button
				>
			{/if}
		{/if}
		{#if ended}
			<div class="rest" role="status">
				<p class="text-xl">
					The class is over. The server is away: what was noted is kept here and sent when it is back.
				</p>
			</div>
		{:else if restDue}
			<div class="rest" role="alert">
				<p class="text-xl">
					Hands have worked for {Math.floor(sinceRest)} minutes. Put the needles down for a moment, and stretch.
				</p>
				<button type="button" class="press" onclick={() => (restWaved = sinceRest)}>We have rested</button>
			</div>
		{/if}
	</div>

	<div class="flex items-center gap-5 px-5 pt-4 sm:px-10">
		<div class="min-h-24 flex-1 sm:min-h-32" aria-live="polite">
			{#if part && !stage.moment.blank}<StageWords {stage} />{/if}
		</div>
		<button
			type="button"
			class="thumb"
			onclick={() => stage.back()}
			disabled={stage.isFirst}
			aria-label="Back"
		>
			<Icon name="chevron-left" size={54} />
		</button>
		<button
			type="button"
			class="thumb main"
			onclick={() => stage.forward()}
			disabled={stage.isLast}
			aria-label="Next"
		>
			<Icon name="chevron-right" size={54} />
		</button>
	</div>

	<StageStrip {stage} />
	<div class="switches" role="toolbar" aria-label="Switch on the spot">
		{#each SWITCHES as { key, cap, says, run, on } (key)}
			<button type="button" class="switch" aria-pressed={on} onclick={run}
				><kbd class="key-cap">{cap}</kbd> {says}</button
			>
		{/each}
	</div>
</div>

{#if beside && part}
	{#key part.id}<StageBeside
			{stage}
			{room}
			{late}
			{rates}
			onwindow={secondWindow}
			onclose={() => (beside = false)}
		/>{/key}
{/if}

<style>
	.stage {
		container-type: inline-size;
		position: fixed;
		inset: 0;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto auto auto;
		grid-template-columns: minmax(0, 1fr);
		background: var(--color-base-200);
		color: var(--color-primary);
	}
	@media (min-width: 60rem) {
		.stage.aside {
			right: 24rem;
		}
	}
	.stage :focus-visible {
		outline-color: var(--color-primary);
	}
	.picture {
		position: relative;
		min-height: 0;
		overflow: hidden;
	}
	.ask {
		position: absolute;
		bottom: 1rem;
		left: 50%;
		translate: -50% 0;
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
		border: 2.5px solid #5d7f7a;
		border-radius: 1rem;
		cursor: pointer;
	}
	.thumb.main {
		background: var(--color-primary);
		color: var(--color-primary-content);
		border-color: var(--color-primary);
	}
	.thumb:disabled {
		opacity: 0.35;
	}
	.small {
		display: grid;
		place-items: center;
		min-width: 2.9rem;
		min-height: 2.9rem;
		border-radius: 0.8rem;
	}
	.small:hover {
		background: #ffffff1f;
	}
	.switches {
		display: flex;
		gap: 0.1rem;
		overflow-x: auto;
		padding: 0 1rem 0.7rem;
	}
	.switch {
		font-size: 0.9375rem;
		display: flex;
		flex: none;
		align-items: center;
		gap: 0.35rem;
		min-height: 2.75rem;
		padding: 0 0.35rem;
		border-radius: 0.6rem;
		cursor: pointer;
	}
	.switch:hover {
		background: #ffffff1f;
	}
	.switch[aria-pressed='true'] {
		background: #4a6f6a;
		color: #fff;
	}
	@media (min-width: 40rem) {
		.switches {
			padding-inline: 2rem;
		}
	}
</style>
