<script lang="ts">
	import type { Snippet } from 'svelte';
	import { lengthSaid } from '$core/hands/voice';
	import { numberSaid } from '$core/locale';
	import { EXTENT_SAID, STAGE_SAID, lastSeen } from '$core/measures/stages';
	import { getSettings } from '$lib/client/settings.svelte';
	import ClothThumb from '$lib/swatch/ClothThumb.svelte';
	import { daySaid } from '$lib/ui/locale';
	import type { KeptPiece } from '$lib/wire/log';
	import { pictureAt } from '$lib/wire/picture';

	/** A piece in a list: its photograph, or the cloth of its rows, and where it stands. */
	let { piece, href, children }: { piece: KeptPiece; href?: string; children: Snippet } = $props();

	const settings = getSettings();
	const about = $derived(piece.about);
	const last = $derived(lastSeen(piece.measured.map(({ record }) => record)));
	const said = (mm: number) => lengthSaid(mm, settings.value);
</script>

<li class="group relative -mx-3 flex items-start gap-5 rounded-2xl px-3 py-4 hover:bg-base-100">
	{#if about.picture}
		<img class="h-28 w-28 shrink-0 rounded-xl object-cover" src={pictureAt(about.picture)} alt="" />
	{:else}
		<ClothThumb text={about.swatch} />
	{/if}
	<div class="min-w-0 flex-1">
		<!-- eslint-disable svelte/no-navigation-without-resolve -- resolved where the list is made -->
		<a
			class="block font-serif text-2xl leading-tight font-semibold group-hover:underline after:absolute after:inset-0 after:rounded-2xl"
			{href}>{about.title || 'Without a name'}</a
		>
		<!-- eslint-enable svelte/no-navigation-without-resolve -->
		<p class="mt-1 text-quiet">
			{[about.yarn.name || about.yarn.fibre, `${numberSaid(about.needleMm, settings.locale, 2)} mm needle`]
				.filter(Boolean)
				.join(' · ')}
		</p>
		<p class="tabular-nums">
			{last
				? `${said(last.widthMm)} × ${said(last.heightMm)}, ${EXTENT_SAID[last.of]} ${STAGE_SAID[last.stage]}, ${daySaid(`${last.on.slice(0, 10)}T12:00`, settings.locale)}`
				: 'not measured yet'}
		</p>
		<div class="relative mt-3 flex w-fit flex-wrap gap-2">{@render children()}</div>
	</div>
</li>
