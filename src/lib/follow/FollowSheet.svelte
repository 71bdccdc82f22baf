<script lang="ts">
	import { asset } from '$app/paths';
	import { untrack } from 'svelte';
	import SheetReads from '$lib/sheet/SheetReads.svelte';
	import { PICTURE } from '$lib/text/markdown';
	import { followedPicturesAt, type FollowPage } from '$lib/wire/follow';
	import { follow } from '$lib/words/follow';
	import type { OwnHands } from './ownHands.svelte';

	/** The sheet of the lesson in a learner’s own variant, to read here or to print. */
	let { data, hands, onclose }: { data: FollowPage; hands: OwnHands; onclose: () => void } = $props();

	const say = untrack(() => follow(hands));
	const options = $derived.by(() => {
		const { hand, keep, yarnHand, terms, units } = hands.value;
		const paper = units === 'cm' ? ('a4' as const) : ('letter' as const);
		const large = hands.print === 'large';
		return { hand, yarnHand, terms, paper, large, by: data.by, ...(hand === 'left' ? { keep } : {}) };
	});
	const srcOf = (src: string) =>
		PICTURE.test(src) ? src.replace('/pictures', followedPicturesAt(data.code)) : src;
</script>

<svelte:head><link rel="stylesheet" href={asset('/print/a4.css')} /></svelte:head>

<div class="min-h-dvh bg-base-200 p-3 sm:p-6 print:bg-white print:p-0">
	<p class="mx-auto mb-3 flex max-w-[210mm] flex-wrap gap-2 print:hidden">
		<button type="button" class="btn btn-outline" onclick={onclose}>{say('follow-handout-back')}</button>
		<button type="button" class="btn btn-outline" onclick={() => window.print()}
			>{say('follow-handout-print')}</button
		>
	</p>
	<SheetReads lesson={data.lesson} {options} {srcOf} />
</div>
