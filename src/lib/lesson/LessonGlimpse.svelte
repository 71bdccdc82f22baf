<script lang="ts">
	import type { Crossing } from '$core/crossing/crossing';
	import ClothPicture from '$lib/drawing/ClothPicture.svelte';
	import StillRail from '$lib/drawing/StillRail.svelte';
	import type { RailProps } from '$lib/drawing/NeedleRail.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lesson } from '$lib/words/lesson';
	import { shell } from '$lib/words/shell';

	/** A lesson, its teaching screen and its handout at a glance. Only to look at. */
	let { crossing, voice }: { crossing: Crossing; voice: RailProps['voice'] } = $props();

	const settings = getSettings();
	const say = lesson(settings);
	const place = shell(settings);

	/** minutes of the parts, to scale, as on the clock bar */
	const PARTS = [
		['explain', 5, 'pale'],
		['picture', 5, 'pale'],
		['show', 15, 'dark'],
		['practice', 25, 'own'],
		['care', 5, 'open'],
		['show', 15, 'dark'],
		['practice', 20, 'own']
	] as const;
	/** the bar, a unit a minute */
	const BAR = PARTS.map(([, minutes, tone], i) => ({
		x: 1 + PARTS.slice(0, i).reduce((sum, [, before]) => sum + before, 0),
		width: minutes - 0.8,
		tone
	}));
</script>

<ol class="grid gap-5 sm:grid-cols-3" aria-hidden="true">
	<li>
		<div class="frame">
			<svg viewBox="0 0 92 10" class="bar">
				{#each BAR as { x, width, tone }, i (i)}<rect
						{x}
						y="1"
						{width}
						height="8"
						rx="1.6"
						class={tone}
					/>{/each}
			</svg>
			{#each PARTS.slice(0, 4) as [kind, minutes], i (i)}<p>
					<span>{minutes}</span>
					{say(`lesson-kind-${kind}`)}
				</p>{/each}
		</div>
		<p class="mt-2 font-semibold">{place('shell-lessons')}</p>
	</li>
	<li>
		<div class="frame night" data-theme="evening">
			<StillRail {crossing} {voice} alt="" />
		</div>
		<p class="mt-2 font-semibold">{place('shell-teaching')}</p>
	</li>
	<li>
		<div class="frame sheet" data-theme="day">
			<ClothPicture {crossing} alt="" />
			<hr />
			<hr />
			<hr />
		</div>
		<p class="mt-2 font-semibold">{place('shell-handout')}</p>
	</li>
</ol>

<style>
	.frame {
		height: 10.5rem;
		overflow: hidden;
		padding: 0.9rem;
		border-radius: 1rem;
		background: var(--color-base-100);
	}
	.frame p {
		border-bottom: 1px solid var(--color-hairline);
		padding: 0.15rem 0;
		font-size: 0.9375rem;
	}
	.frame p span {
		display: inline-block;
		width: 1.8rem;
		color: var(--color-quiet);
	}
	.bar {
		display: block;
		width: 100%;
		height: auto;
		margin-bottom: 0.5rem;
	}
	.bar rect {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 0.7;
	}
	.bar .dark {
		fill: var(--color-base-content);
	}
	.bar .own {
		fill: var(--color-accent);
	}
	.bar .pale {
		fill: var(--color-base-300);
	}
	.night {
		display: grid;
		place-items: center;
		padding: 0;
		background: var(--color-base-200);
	}
	.night > :global(*) {
		width: 100%;
	}
	.sheet {
		width: 8rem;
		margin-inline: auto;
		border: 1px solid var(--color-hairline);
		border-radius: 3px;
		background: var(--color-paper);
	}
	.sheet hr {
		margin-top: 0.5rem;
		border-color: var(--color-outline);
	}
</style>
