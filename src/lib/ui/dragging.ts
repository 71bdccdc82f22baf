import { prefersReducedMotion } from 'svelte/motion';

/** How things of a list are dragged: they make way at a glide, unless somebody asked for less motion, and nothing is outlined. */
export const dragging = <Item extends { id: string | number }>(items: Item[]) => ({
	items,
	flipDurationMs: prefersReducedMotion.current ? 0 : 160,
	dropTargetStyle: {}
});
