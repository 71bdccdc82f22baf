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

export const faceOf = (work: WorkWord): WorkedFace => FACES[work];
export const isSlipped = (work: WorkWord): boolean => FACES[work] === null;
