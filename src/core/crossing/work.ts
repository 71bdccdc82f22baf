import type { WorkWord } from './crossing';

/** What the side being worked shows of a stitch that is worked so; `null` where it keeps what it shows (a slipped one). */
export type WorkedFace = 'knit' | 'purl' | null;

const FACES: Readonly<Record<WorkWord, WorkedFace>> = {
	k: 'knit',
	ktbl: 'knit',
	brk: 'knit',
	p: 'purl',
	ptbl: 'purl',
	brp: 'purl',
	sl: null,
	slf: null,
	slyo: null
};

/** What a word shows on the side that is worked: a knit or a purl; `null` where the stitch is slipped. */
export const faceOf = (work: WorkWord): WorkedFace => FACES[work];
/** Whether a word slips its stitch, which then shows what it showed. */
export const isSlipped = (work: WorkWord): boolean => FACES[work] === null;
