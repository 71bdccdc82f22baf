<script lang="ts">
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import StageDesk from './StageDesk.svelte';
	import StageView from './StageView.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { keepHere } from '$lib/client/kept';
	import { Stage } from './stage.svelte';
	import { followStage, type Shown } from './windows';
	import type { StagePage } from '$lib/wire/lesson';

	/** A window of the stage: the desk, what the class sees, or the teacher’s notes. */
	let { data }: { data: StagePage } = $props();

	const settings = getSettings();
	const stage = new Stage(
		untrack(() => data.lesson),
		settings
	);
	const as = untrack(() => page.url.searchParams.get('as'));
	const follows = as === 'class' || as === 'notes';
	let now = $state(Date.now());
	let shown = $state.raw<Shown | null>(null);
	let windows: ReturnType<typeof followStage> | undefined;

	$effect(() => void stage.findingComes());
	onMount(() => {
		keepHere();
		// In the middle of a class there may be no network: what may be asked for is here before.
		void Promise.all([import('./StageWrong.svelte'), import('$lib/drawing/BedRail.svelte'), stage.brings()]);
		const timer = setInterval(() => (now = Date.now()), 500);
		if (follows) {
			windows = followStage(data.id, (now) => {
				stage.moment = now.moment;
				shown = now;
			});
			// What is found in the teacher's own window goes through the stage that leads.
			stage.putWrong = windows.putWrong;
		}
		return () => {
			clearInterval(timer);
			windows?.close();
		};
	});
</script>

<svelte:head><title>{data.lesson.title} on stage · Pond Loop</title></svelte:head>

{#if as === 'class'}
	<StageView {stage} texts={data.texts} {now} phones={shown?.phones ?? null} />
{:else if as === 'notes'}
	{#await import('./StageNotes.svelte') then { default: StageNotes }}
		<StageNotes
			{stage}
			texts={data.texts}
			{now}
			{shown}
			onask={(does) => windows?.ask(does)}
			onmark={(part, marks) => windows?.mark(part, marks)}
		/>
	{/await}
{:else}
	<StageDesk id={data.id} {stage} texts={data.texts} {now} />
{/if}
