<script lang="ts">
	import { lookAt } from '$core/naming/look';
	import { nameOf } from '$core/naming/name';
	import { plainOf } from '$core/technique/medium';
	import { say } from '$core/naming/say';
	import type { Subject } from './subject.svelte';
	import { wordsFor } from '$lib/ui/words';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Every reading of a name side by side: school, reason, stitches and cloth, one to choose. */
	let { subject, onchosen }: { subject: Subject; onchosen: () => void } = $props();

	const words = wordsFor(ui(getSettings()));

	let remember = $state(true);

	function choose(which: number) {
		subject.pick(which);
		if (remember) subject.remember();
		onchosen();
	}
</script>

<section class="grid content-start gap-5 overflow-y-auto px-4 pb-8 sm:px-7" aria-labelledby="readings">
	<div class="flex flex-wrap items-center justify-between gap-x-8 gap-y-2">
		<h2 id="readings" class="text-2xl">
			“{subject.read.input}” has {subject.read.readings.length} readings. Which is yours?
		</h2>
		<label class="flex min-h-11 items-center gap-2.5">
			<input type="checkbox" class="size-5 accent-current" bind:checked={remember} />
			Read it so from now on; it can be forgotten again
		</label>
	</div>
	<ol class="grid gap-x-7 gap-y-6 lg:grid-cols-[repeat(auto-fit,minmax(20rem,1fr))]">
		{#each subject.read.readings as { crossing, school, because }, i (i)}
			{@const plain = plainOf(crossing, subject.read.medium)}
			{@const name = nameOf(plain)}
			{@const written = say(plain, { ...subject.voice, hand: 'right' })}
			<li class="grid max-w-xl content-start gap-3 border-t-4 border-base-content pt-3">
				<p class="flex flex-wrap items-baseline justify-between gap-x-4">
					<span class="font-serif text-3xl font-medium">{name}</span>
					<span class="text-quiet">{words.depth(plain) ?? words.school(school)}</span>
				</p>
				<p class="text-lg leading-snug">{because}</p>
				<button type="button" class="btn justify-self-start btn-outline" onclick={() => choose(i)}>
					Read it as {name}{words.depth(plain) ? `, ${words.depth(plain)}` : ''}
				</button>
				<div class="grid items-start gap-3 sm:grid-cols-[1.6fr_1fr]">
					<StillRail
						{crossing}
						voice={subject.voice}
						alt="{name}: {crossing.stitches} stitches on the needle. {lookAt(crossing)}"
					/>
					<ClothPicture {crossing} alt="{name} on the cloth, worked {crossing.order.join(' ')}" />
				</div>
				<dl class="grid gap-2">
					{#if written.ok}
						<div>
							<dt class="text-sm text-quiet">A pattern that means this writes</dt>
							<dd class="font-mono leading-relaxed">{written.value}</dd>
						</div>
					{/if}
					<div>
						<dt class="text-sm text-quiet">On the needle</dt>
						<dd>{lookAt(crossing)}</dd>
					</div>
				</dl>
			</li>
		{/each}
	</ol>
</section>
