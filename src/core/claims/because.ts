import { inList } from '../english';
import { inWords, stitchesInWords } from '../naming/numbers';
import { faceOf } from '../crossing/work';
import { heldIn, holdingsOf, type Facts } from './facts';
import type { Said } from './said';

export const positions = (stitches: readonly number[]): string =>
	`${stitches.length === 1 ? 'stitch' : 'stitches'} ${inList(stitches)}`;

/** What is true of a crossing, as far as what was said of it goes. */
export function becauseOf(said: Said, facts: Facts, name: string | null): string {
	const { crossing, front, behind, lean } = facts;
	const of = name === null ? 'Such a cross' : name;
	switch (said.kind) {
		case 'hold': {
			const held = holdingsOf(crossing);
			if (held.length === 0) return `${of} is made without a cable needle.`;
			const told = held.map(
				({ at, stitches }) => `${positions(stitches)} ${at === 'front' ? 'in front' : 'at the back'}`
			);
			return `${of} holds ${inList(told)}.`;
		}
		case 'count':
			return said.where === 'all'
				? `${of} has ${stitchesInWords(crossing.stitches)}.`
				: `${of} puts ${inWords(heldIn(crossing).length)} on the cable needle.`;
		case 'in-front':
		case 'behind':
			return `In ${name ?? 'such a cross'} ${positions(front)} ${front.length === 1 ? 'lies' : 'lie'} in front, ${positions(behind)} behind.`;
		case 'first':
		case 'order':
			return `${of} is worked ${crossing.order.join(' ')}.`;
		case 'face': {
			const purled = crossing.order.filter((_, i) => faceOf(crossing.work[i]) === 'purl');
			return purled.length === 0
				? `${of} knits every stitch.`
				: `${of} purls ${positions([...purled].sort((a, b) => a - b))}.`;
		}
		case 'lean':
			return lean === 'none'
				? `${of} has no lean.`
				: lean === 'mixed'
					? `${of} leans both ways.`
					: `${of} leans ${lean}.`;
		default:
			return '';
	}
}
