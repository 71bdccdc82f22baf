<script lang="ts">
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import StageDesk from '$lib/stage/StageDesk.svelte';
	import StageNotes from '$lib/stage/StageNotes.svelte';
	import StageView from '$lib/stage/StageView.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { keepHere } from '$lib/stage/offline';
	import { Stage } from '$lib/stage/stage.svelte';
	import { following, type ClockShown } from '$lib/stage/windows';

	let { data } = $props();

	const settings = getSettings();
	const stage = new Stage(
		untrack(() => data.lesson),
		settings
	);
	const as = untrack(() => page.url.searchParams.get('as'));
	const follows = as === 'class' || as === 'notes';
	let now = $state(Date.now());
	let clock = $state.raw<ClockShown | null>(null);
	let windows: ReturnType<typeof following> | undefined;

	onMount(() => {
		keepHere();
		const timer = setInterval(() => (now = Date.now()), 500);
		if (follows)
			windows = following(data.id, (moment, shown) => {
				stage.moment = moment;
				clock = shown;
			});
		return () => {
			clearInterval(timer);
			windows?.close();
		};
	});
</script>

<svelte:head><title>{data.lesson.title} on stage · Pond Loop</title></svelte:head>

{#if as === 'class'}
	<StageView {stage} texts={data.texts} {now} />
{:else if as === 'notes'}
	<StageNotes {stage} texts={data.texts} {now} {clock} onask={(does) => windows?.ask(does)} />
{:else}
	<StageDesk id={data.id} {stage} texts={data.texts} {now} />
{/if}
