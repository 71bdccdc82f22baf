/** How a fibre dries, and what it keeps of what it was pinned to (craft: Sums a maker does by hand). */
export interface Drying {
	readonly fibre: Fibre;
	readonly takes: string;
	readonly keeps: string;
}

export const FIBRES = ['wool', 'cotton', 'linen', 'silk', 'acrylic'] as const;
export type Fibre = (typeof FIBRES)[number];

const LITTLE = 'It gives back a little of what it was pinned to: pin it about an eighth past the wish.';
const HARDLY = 'It hardly gives back what it was pinned to: pin it to the wish.';

const DRYING: Readonly<Record<Fibre, Omit<Drying, 'fibre'>>> = {
	wool: { takes: 'twelve hours to a day, longer where it is thick', keeps: LITTLE },
	cotton: { takes: 'a day to two', keeps: HARDLY },
	linen: { takes: 'a day to two', keeps: HARDLY },
	silk: { takes: 'half a day to a day, out of the sun', keeps: LITTLE },
	acrylic: { takes: 'half a day; no steam on it', keeps: HARDLY }
};

/** How a fibre dries; a mixed or unknown one as whichever of its words is known, else as wool. */
export function dryingOf(fibre: string): Drying {
	const known = FIBRES.find((one) => fibre.toLowerCase().includes(one)) ?? 'wool';
	return { fibre: known, ...DRYING[known] };
}
