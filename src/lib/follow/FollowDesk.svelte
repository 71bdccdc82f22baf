<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import { keepHere } from '$lib/client/kept';
	import { keepAwake } from '$lib/client/awake';
	import { setSettings } from '$lib/client/settings.svelte';
	import StagePicture from '$lib/stage/StagePicture.svelte';
	import StageWords from '$lib/stage/StageWords.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { lightOf } from '$lib/ui/light';
	import { daySaid } from '$lib/ui/locale';
	import { localMinute } from '$lib/client/localMinute';
	import type { FollowPage } from '$lib/wire/follow';
	import { Follower } from './follower.svelte';
	import HandsFirst from './HandsFirst.svelte';
	import { OwnHands } from './ownHands.svelte';

	/** A class on a learner’s own phone: what the stage shows in her own hands, and the lesson to walk through afterwards. */
	let { data }: { data: FollowPage } = $props();

	const hands = untrack(() => new OwnHands(data.lesson.names?.terms ?? 'us', page.data.locale));
	setSettings(hands);
	const follower = untrack(() => new Follower(data, hands));
	const stage = follower.stage;
	let awake = $state(false);
	let handsOpen = $state(false);
	let partsOpen = $state(false);
	let wrongOpen = $state(false);
	let sheetOpen = $state(false);

	onMount(() => {
		hands.recall();
		awake = true;
		keepHere();
		// Without a server there may be no network either: what may be asked for is here before.
		void Promise.all([import('./FollowWrong.svelte'), import('./FollowQuestion.svelte')]);
		const stop = follower.listen();
		const sleep = keepAwake();
		return () => {
			stop();
			sleep();
			delete document.documentElement.dataset.print;
		};
	});
	$effect(() => {
		if (follower.now.lessonAt !== data.now.lessonAt) void invalidateAll();
	});
	$effect(() => {
		document.documentElement.dataset.print = hands.print;
	});
	$effect(() => {
		void hands.value;
		untrack(() => follower.show());
	});

	const part = $derived(stage.now?.part);
	const closes = $derived(daySaid(localMinute(data.closesAt), hands.locale));
	const isShown = $derived(!follower.looksUp && part !== undefined);
	/** the answer of a question is for the class to hear first */
	const mayTell = $derived(stage.asks && !stage.moment.told && follower.elsewhere);

	function wrong() {
		wrongOpen = true;
		if (follower.isWithClass && follower.says !== 'wrong') follower.say('wrong');
	}

	useKeys([
		{ key: 'ArrowLeft', cap: '←', says: 'back', run: () => follower.back() },
		{ key: 'ArrowRight', cap: '→', says: 'next', run: () => follower.forward() },
		{ key: 'h', cap: 'H', says: 'I have it', run: () => follower.follows && follower.say('has') },
		{ key: 'w', cap: 'W', says: 'wait for me', run: () => follower.follows && follower.say('waits') },
		{ key: 'f', cap: 'F', says: 'something is wrong', run: wrong },
		{ key: 'r', cap: 'R', says: 'back to the class', run: () => follower.follows && follower.rejoin() },
		{ key: 'p', cap: 'P', says: 'the parts of the lesson', run: () => (partsOpen = true) },
		{ key: ',', cap: ',', says: 'my hands, words and print', run: () => (handsOpen = true) }
	]);
</script>

<svelte:head><title>{data.lesson.title} · Pond Loop</title></svelte:head>

<div class="bg-base-200 text-base-content" data-theme={lightOf(hands.value)}>
	{#if sheetOpen}
		{#await import('./FollowSheet.svelte') then { default: FollowSheet }}
			<FollowSheet {data} {hands} onclose={() => (sheetOpen = false)} />
		{/await}
	{/if}
	<div class="follow" class:hidden={sheetOpen}>
		{#if !awake || !hands.chosen}
			<div class="first">
				<p class="text-quiet">{data.by} gives</p>
				<h1 class="mb-5 text-3xl">{data.lesson.title}</h1>
				{#if awake}
					<p class="mb-5 text-lg">See every step in your own hands. Choose once; this phone remembers it.</p>
					<HandsFirst
						{hands}
						says={follower.follows ? 'Follow the class' : 'Open the lesson'}
						ondone={() => hands.done()}
					/>
				{:else}
					<p class="text-lg">The class is opened …</p>
				{/if}
			</div>
		{:else}
			<header class="flex flex-wrap items-center gap-x-2 px-4 pt-3">
				<h1 class="min-w-0 flex-1 text-[1.35rem] leading-tight">
					{follower.wrong ? `When ${follower.wrong} goes wrong` : (part?.title ?? data.lesson.title)}
				</h1>
				<button
					type="button"
					class="head-button"
					onclick={() => (partsOpen = true)}
					aria-label="Parts and sheet"><Icon name="list" size={22} /></button
				>
				<button
					type="button"
					class="head-button"
					onclick={() => (handsOpen = true)}
					aria-label="My hands, words and print"><Icon name="hand" size={22} /></button
				>
				<p class="where" role="status">
					{#if follower.away && follower.follows}
						<Icon name="cloud-off" size={18} /> The server is away. This step stays here; the class is found again
						by itself.
					{:else if follower.isWithClass}
						With the class{stage.steps > 1 ? ` · step ${stage.moment.step + 1} of ${stage.steps}` : ''}
					{:else if follower.follows}
						By yourself{stage.steps > 1 ? ` · step ${stage.moment.step + 1} of ${stage.steps}` : ''}
					{:else if follower.closed}
						{data.by} closed this class. What you see stays until you leave the page.
					{:else if follower.full}
						More phones follow this class than there is room for. Walk through it at your own pace here.
					{:else}
						The class is over. At your own pace, until {closes} · part {stage.moment.at + 1} of {stage.parts
							.length}
					{/if}
				</p>
			</header>

			<div class="picture">
				{#if follower.looksUp}
					<p class="up font-serif">Look up for a moment.</p>
				{:else if follower.wrong}
					<p class="up font-serif">
						The class looks at a cloth that went wrong. Look up, and lay yours beside it.
					</p>
				{:else if part}
					<StagePicture {stage} texts={data.texts} />
				{/if}
			</div>

			<div class="says px-4" aria-live="polite">
				{#if isShown && !follower.wrong}<StageWords {stage} />{/if}
			</div>
			{#if part && stage.asks && isShown && follower.follows}
				<div class="px-4 pt-2">
					{#await import('./FollowQuestion.svelte') then { default: FollowQuestion }}
						{#key part.id}<FollowQuestion {follower} {part} />{/key}
					{/await}
				</div>
			{/if}

			<div class="hands">
				<div class="hand">
					<button
						type="button"
						class="thumb"
						onclick={() => follower.back()}
						disabled={stage.isFirst}
						aria-label="Back"><Icon name="chevron-left" size={40} /></button
					>
					{#if follower.isWithClass}
						<button
							type="button"
							class="wide"
							aria-pressed={follower.says === 'has'}
							onclick={() => follower.say('has')}><Icon name="check" size={26} /> I have it</button
						>
					{:else}
						{#if mayTell}
							<button type="button" class="wide" onclick={() => stage.set({ told: true })}
								>Show the answer</button
							>
						{:else if follower.follows}
							<button type="button" class="wide main" onclick={() => follower.rejoin()}
								>Back to the class</button
							>
						{/if}
						<button
							type="button"
							class="thumb"
							class:main={!follower.follows}
							onclick={() => follower.forward()}
							disabled={stage.isLast}
							aria-label="Next"><Icon name="chevron-right" size={40} /></button
						>
					{/if}
				</div>
				<div class="hand">
					{#if follower.follows}
						<button
							type="button"
							class="press"
							aria-pressed={follower.says === 'waits'}
							onclick={() => follower.say('waits')}>Wait for me</button
						>
					{/if}
					<button type="button" class="press" aria-pressed={follower.says === 'wrong'} onclick={wrong}
						>Something is wrong</button
					>
				</div>
			</div>
		{/if}
	</div>

	<Dialog title="My hands, words and print" bind:open={handsOpen}>
		<HandsFirst {hands} says="Done" ondone={() => ((handsOpen = false), hands.done())} />
	</Dialog>
	<Dialog title="The lesson" bind:open={partsOpen}>
		<p class="mb-3">
			<button type="button" class="btn btn-outline" onclick={() => ((partsOpen = false), (sheetOpen = true))}
				>The sheet, in my hands</button
			>
		</p>
		<ol class="grid gap-1">
			{#each stage.parts as { part: one }, i (one.id)}
				<li>
					<button
						type="button"
						class="btn w-full justify-start text-left"
						aria-current={i === stage.moment.at ? 'step' : undefined}
						onclick={() => ((partsOpen = false), follower.go(i))}
						>{i + 1}. {one.title}{follower.follows && one.id === follower.now.moment.part
							? ' · the class is here'
							: ''}</button
					>
				</li>
			{/each}
		</ol>
		<p class="mt-4 text-sm text-quiet">
			This phone is known to the class by a number in a cookie, what it says with a press, and the name you
			wrote, if you did. All of that is deleted when the class is over. The lesson stays open here until {closes},
			or until
			{data.by} closes it.
		</p>
	</Dialog>
	<Dialog
		title="Something is wrong"
		bind:open={
			() => wrongOpen,
			(open) => {
				wrongOpen = open;
				if (!open && follower.says === 'wrong') follower.say('wrong');
			}
		}
	>
		{#await import('./FollowWrong.svelte') then { default: FollowWrong }}<FollowWrong {stage} />{/await}
	</Dialog>
</div>

<style>
	.follow {
		container-type: inline-size;
		display: grid;
		grid-template-rows: auto minmax(0, 1fr) auto auto auto;
		min-height: 100dvh;
		max-width: 62rem;
		margin-inline: auto;
		background: var(--color-base-200);
		color: var(--color-base-content);
	}
	.first {
		grid-row: 1 / -1;
		max-width: 36rem;
		padding: 2rem 1.25rem;
	}
	.where {
		flex-basis: 100%;
		display: flex;
		align-items: center;
		gap: 0.5rem;
		min-height: 1.8rem;
		color: var(--color-quiet);
	}
	.picture {
		position: relative;
		min-height: 34dvh;
		max-height: 62dvh;
		overflow: hidden;
	}
	.up {
		display: grid;
		height: 100%;
		place-items: center;
		padding: 1.5rem;
		font-size: 1.7rem;
		text-align: center;
	}
	.says {
		min-height: 7rem;
		padding-top: 0.6rem;
	}
	/* A thumb finds them at the foot, however long the words above are. */
	.hands {
		position: sticky;
		bottom: 0;
		padding-bottom: 0.75rem;
		background: var(--color-base-200);
	}
	.hand {
		display: flex;
		gap: 0.6rem;
		padding: 0.6rem 1rem 0;
	}
	.thumb,
	.wide,
	.press {
		display: flex;
		align-items: center;
		justify-content: center;
		gap: 0.5rem;
		min-height: 3.6rem;
		border: 2px solid var(--color-outline);
		border-radius: 1rem;
		cursor: pointer;
		font-weight: 600;
	}
	.thumb {
		flex: 1;
		min-width: 4.2rem;
		max-width: 12rem;
	}
	.wide {
		flex: 3;
		font-size: 1.2rem;
	}
	.press {
		flex: 1;
		min-height: 3rem;
	}
	.main,
	[aria-pressed='true'] {
		background: var(--color-primary);
		border-color: var(--color-primary);
		color: var(--color-primary-content);
	}
	.thumb:disabled {
		opacity: 0.35;
	}
</style>
