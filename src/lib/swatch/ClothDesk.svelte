<script lang="ts">
	import { onMount, tick, untrack } from 'svelte';
	import type { ClothSpot } from '$core/swatch/clothSpot';
	import type { Face } from '$lib/drawing/face';
	import { CanvasPen, tonesOf } from '$lib/drawing/pens';
	import { wavePath, wavyUnder } from '$lib/drawing/swatch';
	import type { FoundSpot } from './findings.svelte';
	import { PaintedBands } from './bands';
	import { CrossDrag } from './crossDrag.svelte';

	/** The cloth or its chart, with the waterline at what is knitted, and a strand followed from edge to edge. */
	let {
		face,
		called,
		done,
		chosen,
		lit,
		found,
		strand,
		theme,
		alt,
		onchoose,
		onlight,
		ondrop
	}: {
		face: Face;
		/** what the picture is: the cloth, or its chart */
		called: string;
		done: number;
		chosen: ClothSpot | null;
		/** what a pointer lies on */
		lit: ClothSpot | null;
		/** stitches where something was found in the rows */
		found: readonly FoundSpot[];
		strand: number | null;
		/** the picture is drawn anew in other light */
		theme: string;
		alt: string;
		onchoose: (spot: ClothSpot) => void;
		/** a pointer that presses nothing came to a stitch, or left all of them */
		onlight: (spot: ClothSpot | null) => void;
		/** a crossing was dragged to another stitch: columns of its left end, as the side that is seen shows them */
		ondrop: (from: ClothSpot, to: { step: number; by: number }) => void;
	} = $props();

	const size = $derived(face.size);
	const pitch = $derived(face.pitch);
	let scroller: HTMLElement;
	let canvas: HTMLCanvasElement;
	let room = $state({ width: 0, height: 0 });
	const bands = new PaintedBands();

	const waterY = $derived(size.height - Math.min(done, size.rows) * pitch.row);
	const path = $derived(strand === null ? null : face.strand(strand));
	const startX = $derived(path?.startX ?? null);
	/** the crossing or stitch that is chosen, as a box */
	const box = $derived(chosen && face.boxOf(chosen));
	const under = $derived(lit && face.boxOf(lit));
	const shown = $derived(lit ?? chosen);
	const marks = $derived(
		found.flatMap(({ grave, ...spot }) => {
			const box = face.boxOf(spot);
			return box ? [{ grave, d: wavyUnder(box) }] : [];
		})
	);
	const looks = $derived(shown && face.looks(shown));

	function paint() {
		if (!canvas || room.width === 0) return;
		const ratio = devicePixelRatio || 1;
		const [width, height] = [Math.round(room.width * ratio), Math.round(room.height * ratio)];
		if (canvas.width !== width || canvas.height !== height) Object.assign(canvas, { width, height });
		const context = canvas.getContext('2d', { alpha: true })!;
		context.setTransform(1, 0, 0, 1, 0, 0);
		context.clearRect(0, 0, width, height);
		const late = bands.draw(context, {
			face,
			theme,
			ratio,
			left: scroller.scrollLeft,
			top: scroller.scrollTop,
			room,
			paint: (tile, stretch) => {
				face.paint(new CanvasPen(tile, tonesOf(canvas)), stretch);
			}
		});
		if (late) ask();
	}

	/** Sizes in pixels, set by script: a style attribute in the page itself is not allowed here. */
	const laid =
		(sizes: Partial<Record<'width' | 'height' | 'marginBottom' | 'marginLeft' | 'marginTop', number>>) =>
		(node: HTMLElement | SVGElement) => {
			for (const [property, pixels] of Object.entries(sizes))
				node.style[property as keyof typeof sizes] = `${pixels}px`;
		};

	let asked = 0;
	function ask() {
		cancelAnimationFrame(asked);
		asked = requestAnimationFrame(paint);
	}

	$effect(() => {
		void [face, theme, room.width, room.height];
		ask();
	});

	onMount(() => {
		const watcher = new ResizeObserver(([{ contentRect }]) => {
			room = { width: contentRect.width, height: contentRect.height };
		});
		watcher.observe(scroller);
		document.fonts.ready.then(() => {
			bands.clear();
			ask();
		});
		void tick().then(() => show(untrack(() => Math.min(done, size.rows - 1))));
		return () => {
			watcher.disconnect();
			cancelAnimationFrame(asked);
		};
	});

	/** Brings a row into sight. */
	export function show(step: number) {
		const middle = size.height - (step + 0.5) * pitch.row;
		const { scrollTop, clientHeight } = scroller;
		if (middle < scrollTop + pitch.row || middle > scrollTop + clientHeight - pitch.row)
			scroller.scrollTop = middle - clientHeight * 0.6;
	}

	const drag = new CrossDrag(() => pitch);

	function spotOf(event: PointerEvent): ClothSpot | null {
		const { left, top } = scroller.getBoundingClientRect();
		const [x, y] = [
			event.clientX - left + scroller.scrollLeft - offset,
			event.clientY - top + scroller.scrollTop - lowered
		];
		return face.spotAt(x, y);
	}

	function press(event: PointerEvent) {
		const spot = spotOf(event);
		if (!spot || event.button !== 0) return;
		onchoose(spot);
		if (!face.isCross(spot)) return;
		drag.take(spot, event);
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
	}

	function carry(event: PointerEvent) {
		drag.carry(event);
		if (event.pointerType !== 'mouse' || event.buttons !== 0) return;
		const spot = spotOf(event);
		if (spot?.step !== lit?.step || spot?.column !== lit?.column) onlight(spot);
	}

	function release() {
		const dropped = drag.drop();
		if (dropped) ondrop(dropped.from, dropped.to);
	}

	// A cloth narrower than its room stands in the middle.
	const offset = $derived(Math.max(0, (room.width - size.width) / 2));
	// and one that is lower stands at the foot of it
	const lowered = $derived(Math.max(0, room.height - size.height));
	const wave = $derived(wavePath(size.width, waterY));
</script>

<!-- Tall cloth scrolls, so the keyboard must be able to come to it. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
	bind:this={scroller}
	tabindex="0"
	class="relative h-full overflow-auto"
	onscroll={paint}
	role="group"
	aria-label={called}
	data-testid="cloth"
>
	<canvas
		bind:this={canvas}
		class="pointer-events-none sticky top-0 left-0 block"
		width="0"
		height="0"
		{@attach laid({
			width: room.width,
			height: room.height,
			marginBottom: -room.height
		})}
	></canvas>
	<svg
		width={size.width}
		height={Math.max(size.height, 1)}
		viewBox="0 0 {size.width} {Math.max(size.height, 1)}"
		class="relative block cursor-pointer touch-pan-x touch-pan-y select-none"
		{@attach laid({ marginLeft: offset, marginTop: lowered })}
		role="img"
		aria-label={alt}
		onpointerdown={press}
		onpointermove={carry}
		onpointerleave={() => onlight(null)}
		onpointerup={release}
		onpointercancel={() => drag.drop()}
	>
		<rect x="0" y={waterY} width={size.width} height={size.height - waterY} class="water" />
		{#if done > 0}<path d={wave} class="shore" />{/if}
		{#if path}
			<path d={path.seen} class="strand" />
			<path d={path.behind} class="strand hidden-strand" />
			{#if startX !== null}
				<circle cx={startX} cy={size.height - 16} r="14" class="fill-ink" />
				<text x={startX} y={size.height - 11} text-anchor="middle" class="start">{strand}</text>
			{/if}
		{/if}
		{#each marks as { d, grave }, i (i)}<path {d} class="found {grave ? 'grave' : ''}" />{/each}
		{#if under}
			<rect x="0" y={under.y} width={size.width} height={under.height} class="lit-row" />
			<rect {...under} rx="7" class="lit" />
		{/if}
		{#each looks?.needle ?? [] as { x, y, width, height } (x)}
			<path d="M{x + 2} {y + height - 4}h{width - 4}" class="onto" />
		{/each}
		{#each looks?.reach ?? [] as { x, y, width, height } (x)}
			<path d="M{x + width / 2 - 6} {y + height + 10}l6 -8l6 8" class="reach" />
		{/each}
		{#if box}
			<rect {...box} rx="7" class="box" />
			{#if drag.dragged && drag.carried}
				<rect
					x={box.x + drag.carried.by * pitch.stitch}
					y={box.y - drag.carried.rows * pitch.row}
					width={box.width}
					height={box.height}
					rx="7"
					class="box ghost"
				/>
			{/if}
		{/if}
	</svg>
</div>

<style>
	.water {
		fill: color-mix(in oklab, var(--color-base-content) 16%, transparent);
	}
	.shore {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2.5;
	}
	.strand {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 5;
		stroke-linecap: round;
	}
	.hidden-strand {
		stroke-dasharray: 1 9;
	}
	.start {
		fill: var(--color-base-100);
		font-weight: 700;
		font-size: 15px;
	}
	.box {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 3;
	}
	.found {
		fill: none;
		stroke: var(--color-warning);
		stroke-width: 3;
	}
	.grave {
		stroke: var(--color-error);
	}
	.lit-row {
		fill: color-mix(in oklab, var(--color-base-content) 9%, transparent);
	}
	.lit {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-dasharray: 5 4;
	}
	.onto {
		stroke: var(--color-base-content);
		stroke-width: 6;
	}
	.reach {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 3;
	}
	.ghost {
		stroke-dasharray: 7 5;
		fill: color-mix(in oklab, var(--color-base-content) 12%, transparent);
	}
</style>
