<script lang="ts">
	import { rope, lean } from '$core/crossing/lean';
	import { lookAt } from '$core/naming/look';
	import { nameIn, WRITTEN_SCHOOLS, type WrittenSchool } from '$core/naming/schools';
	import { readsFromTheEnd } from '$core/ways/handed';
	import { sayIn } from '$core/ways/sayIn';
	import type { Subject } from './subject.svelte';
	import CopyLine from '$lib/ui/CopyLine.svelte';

	/** The same crossing by every name, its definition, and the line for those who read pictures. */
	let { subject }: { subject: Subject } = $props();

	const SCHOOLS: Readonly<Record<WrittenSchool, string>> = {
		over: 'How many over how many',
		hold: 'Where it is held, counting all',
		held: 'Where it is held, counting the held',
		lean: 'The lean, counting all',
		words: 'In words'
	};
	const names = $derived(
		WRITTEN_SCHOOLS.flatMap((school) => {
			const { name, exact } = nameIn(subject.plain, school);
			return name ? [{ school, name, exact }] : [];
		})
	);
	const definition = $derived(sayIn(subject.crossing, subject.read.medium, subject.voice));
	const leans = $derived(lean(subject.crossing));
	const leftFabric = $derived(readsFromTheEnd(subject.voice));
</script>

<div class="grid grid-cols-1 gap-5">
	<section>
		<h2 class="mb-1 text-xl">By every name</h2>
		{#each names as { school, name, exact } (school)}
			<CopyLine
				label={SCHOOLS[school]}
				text={name}
				note={exact ? undefined : 'Others may read this name another way.'}
			/>
		{:else}
			<p>This order has no name in any notation. Its definition says it.</p>
		{/each}
		<p class="mt-2 text-sm text-quiet">
			{leans === 'mixed'
				? `Strands in front travel both ways; the rope leans ${rope(subject.crossing) === 'mixed' ? 'both ways too' : rope(subject.crossing)}.`
				: leans === 'none'
					? 'Nothing crosses.'
					: `It leans ${leans}, from whichever side you look.`}
		</p>
	</section>
	<section>
		<h2 class="mb-1 text-xl">Written out</h2>
		{#if definition.ok}
			<CopyLine
				label={leftFabric ? 'For the left-handed, keeping the fabric' : 'Definition'}
				text={definition.value}
			/>
		{:else}
			<p>{definition.error.message}</p>
		{/if}
		<CopyLine label="For those who work from a picture" text={lookAt(subject.played)} />
	</section>
</div>
