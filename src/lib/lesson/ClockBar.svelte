<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { clockAt, minutesOf, timed, type Lesson, type Part } from '$core/lesson/lesson';
	import { kindFacts } from '$core/lesson/kinds';
	import { getSettings } from '$lib/client/settings.svelte';
	import { lesson as lessonWords } from '$lib/words/lesson';

	/** The lesson drawn to scale: a part is as wide as it is long, the end of the class a post in the ground. */
	let {
		lesson,
		chosen = null,
		onchoose,
		onminutes
	}: {
		lesson: Pick<Lesson, 'minutes' | 'starts'> & {
			parts: readonly Pick<Part, 'id' | 'kind' | 'title' | 'minutes'>[];
		};
		chosen?: string | null;
		onchoose?: (id: string) => void;
		/** the chosen part was pulled longer or shorter */
		onminutes?: (id: string, minutes: number) => void;
	} = $props();
	const settings = getSettings();
	const say = lessonWords(settings);

	// Drawn in the pixels of its place, so that its words stay readable; only the browser knows them.
	let width = $state(0);
	const MINUTE_ROOM = 24;
	const total = $derived(minutesOf(lesson));
	const scale = $derived((width - MINUTE_ROOM) / Math.max(lesson.minutes, total, 1));
	const post = $derived(lesson.minutes * scale);
	const over = $derived(total - lesson.minutes);
	const words = $derived(
		over > 0 ? `${over} min over` : over < 0 ? `${-over} min left` : 'fits to the minute'
	);
	/** the edge of a part in the hand: where it was taken, and how long the part was, at the scale of that moment */
	let pulled = $state.raw<{ id: string; x: number; minutes: number; scale: number } | null>(null);

	function pull(event: PointerEvent, part: Pick<Part, 'id' | 'minutes'>) {
		event.stopPropagation();
		pulled = { id: part.id, x: event.clientX, minutes: part.minutes, scale };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
	}

	function pulling(event: PointerEvent) {
		if (!pulled) return;
		const minutes = Math.round(pulled.minutes + (event.clientX - pulled.x) / pulled.scale);
		onminutes?.(pulled.id, Math.max(0, Math.min(600, minutes)));
	}

	const tenth = (n: number) => Math.round(n * 10) / 10;
	const fits = (text: string, minutes: number) => minutes * scale > text.length * 9.5 + 8;
</script>

<div class="hidden min-h-21 sm:block" bind:clientWidth={width}>
	{#if width > 0}
		<svg
			viewBox="0 0 {width} 84"
			class="block h-auto w-full"
			role="group"
			aria-label="Clock bar: {total} of {counted(lesson.minutes, 'minute')}, {words}"
		>
			<line x1="0" x2={width} y1="50" y2="50" class="ground" />
			{#each timed(lesson) as { part, from } (part.id)}
				<!-- The list of parts beside it does the same by keyboard. -->
				<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
				<g
					class="part {kindFacts(part.kind).tone}"
					class:late={from >= lesson.minutes}
					class:pressable={onchoose}
					onclick={() => onchoose?.(part.id)}
				>
					<title>{`${clockAt(lesson, from, settings.locale)} ${part.title}, ${part.minutes} min`}</title>
					<rect
						x={tenth(from * scale + 1.5)}
						y="12"
						width={tenth(Math.max(2, part.minutes * scale - 3))}
						height="36"
						rx="7"
					/>
					{#if fits(say(`lesson-kind-${part.kind}`), part.minutes)}
						<text x={tenth((from + part.minutes / 2) * scale)} y="35" text-anchor="middle"
							>{say(`lesson-kind-${part.kind}`)}</text
						>
					{/if}
					{#if part.id === chosen}
						<rect
							class="ring"
							x={from * scale - 2.5}
							y="7.5"
							width={part.minutes * scale + 5}
							height="45"
							rx="10"
						/>
					{/if}
					{#if part.id === chosen && onminutes}
						<!-- By keyboard the same is done with Shift and the arrows, and in the field of minutes. -->
						<rect
							class="grip"
							x={tenth((from + part.minutes) * scale - 7)}
							y="6"
							width="14"
							height="48"
							rx="7"
							data-testid="pull"
							onpointerdown={(event) => pull(event, part)}
							onpointermove={pulling}
							onpointerup={() => (pulled = null)}
							onpointercancel={() => (pulled = null)}
						/>
					{/if}
				</g>
			{/each}
			<line x1={post} x2={post} y1="2" y2="58" class="post" />
			<text class="mark" x="0" y="76">{clockAt(lesson, 0, settings.locale)}</text>
			<text class="mark" x={Math.min(post, width - 4)} y="76" text-anchor="end"
				>class ends {clockAt(lesson, lesson.minutes, settings.locale)} · {words}</text
			>
		</svg>{/if}
</div>
<p class="text-quiet sm:hidden">{total} of {counted(lesson.minutes, 'minute')} · {words}</p>

<style>
	.ground {
		stroke: var(--color-hairline);
		stroke-width: 1.5;
	}
	.post {
		stroke: var(--color-base-content);
		stroke-width: 4;
	}
	.pressable {
		cursor: pointer;
	}
	.part text {
		font-size: 15.5px;
		font-weight: 600;
	}
	.hands rect {
		fill: var(--color-secondary);
	}
	.hands text {
		fill: var(--color-secondary-content);
	}
	.own rect {
		fill: var(--color-accent);
	}
	.own text {
		fill: var(--color-accent-content);
	}
	.eyes rect {
		fill: color-mix(in oklab, var(--color-base-content) 20%, var(--color-base-100));
	}
	.open rect {
		fill: var(--color-base-100);
		stroke: color-mix(in oklab, var(--color-base-content) 45%, var(--color-base-100));
		stroke-width: 1.5;
	}
	.eyes text,
	.open text {
		fill: var(--color-base-content);
	}
	.late rect {
		opacity: 0.55;
		stroke: var(--color-base-content);
		stroke-width: 1.5;
		stroke-dasharray: 4 3;
	}
	.part .ring {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 3.5;
	}
	svg {
		user-select: none;
	}
	.part .grip {
		fill: var(--color-base-content);
		stroke: var(--color-base-200);
		stroke-width: 3;
		cursor: ew-resize;
		touch-action: none;
	}
	.mark {
		font-size: 15.5px;
		fill: var(--color-base-content);
	}
</style>
