/** A piece as it lives: on the needle, bound off, wet, pinned out, dry, worn for a while. */
export const STAGES = ['needle', 'off', 'wet', 'pinned', 'dry', 'worn'] as const;
export type Stage = (typeof STAGES)[number];

/** What of it is measured: all of it, its cable panel, plain ground beside it. */
export const EXTENTS = ['whole', 'panel', 'ground'] as const;
export type Extent = (typeof EXTENTS)[number];
