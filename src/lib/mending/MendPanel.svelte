<script lang="ts">
	import MadePicture from '$lib/drawing/MadePicture.svelte';
	import AskWrong from './AskWrong.svelte';
	import CauseView from './CauseView.svelte';
	import type { Finding } from './finding.svelte';

	/** A cloth is held up that looks wrong: the questions that lead to its cause, and what mends it. */
	let {
		finding,
		pictured = true,
		placed = false
	}: {
		finding: Finding;
		/** the two clothes stand here as well, beside steps that are shown elsewhere */
		pictured?: boolean;
		/** how far on the work is, is known */
		placed?: boolean;
	} = $props();

	const from = $derived(finding.hands.hand);
</script>

<div class="grid grid-cols-1 gap-5">
	<AskWrong {finding} />
	{#if finding.cause && finding.wrong}
		{#if pictured && finding.trouble.view !== 'cloth'}
			<div class="grid grid-cols-2 gap-3">
				<figure>
					<MadePicture meant={finding.crossing} state={finding.wrong} {from} alt="As it is: {finding.says}" />
					<figcaption class="text-sm">as it is</figcaption>
				</figure>
				<figure>
					<MadePicture
						meant={finding.crossing}
						state={finding.meant}
						{from}
						rings={false}
						alt="As it was meant"
					/>
					<figcaption class="text-sm">as it was meant</figcaption>
				</figure>
			</div>
		{/if}
		<CauseView {finding} {placed} />
	{/if}
</div>
