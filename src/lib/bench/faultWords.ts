import type { Fault } from '$core/faults/fault';
import type { Mend } from '$core/faults/mends';
import type { Seen, SeenField } from '$core/faults/seen';

/** Slips and mends, as a teacher calls them. */
export const FAULT_WORDS: Readonly<Record<Fault['slip'] | Mend['id'], string>> = {
	'wrong-hold': 'Held on the wrong side',
	'wrong-reach': 'Reached on the wrong side',
	'not-crossed': 'Not crossed',
	knitwise: 'Slipped knitwise',
	'wrong-face': 'Knit and purl the wrong way round',
	'wrong-end': 'Worked from the wrong end of the needle',
	turned: 'Caught turned',
	uneven: 'Split unevenly',
	'extra-loop': 'Yarn round the needle: an extra loop',
	'left-behind': 'A stitch left behind',
	'wrong-row': 'On the wrong row',
	'set-order': 'The wrong set hung first',
	'wrong-needles': 'Hung one needle aside',
	'parked-wrong': 'Parked on the other side',
	'not-forward': 'Needles not pushed forward',
	fallen: 'A stitch fell off its tool',
	unpick: 'Unpick',
	ladder: 'Ladder down',
	column: 'One column at a time',
	'drop-loop': 'Drop the loop',
	turn: 'Turn it on the needle',
	fake: 'Sew a strand over it',
	leave: 'Leave it'
};

const many = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 'es'}`;

/** What is seen, as an answer to press. */
export function seenSaid(field: SeenField, value: Seen[SeenField]): string {
	switch (field) {
		case 'count':
			return value === 0
				? 'as many as before'
				: `${many(Math.abs(Number(value)), 'stitch')} ${Number(value) > 0 ? 'more' : 'fewer'}`;
		case 'lean':
			return value === 'none' ? 'no cross' : value === 'mixed' ? 'both ways' : `leans ${value}`;
		case 'front':
			return `${value} over the hindmost`;
		case 'behind':
			return `${value} under the front one`;
		case 'faces':
			return /p/.test(String(value))
				? /k/.test(String(value))
					? `from the left: ${[...String(value)].map((face) => (face === 'p' ? 'bump' : 'smooth')).join(', ')}`
					: 'all bumps'
				: 'all smooth';
		case 'twisted':
			return value === 0 ? 'none crossed at its base' : `${value} crossed at the base`;
		case 'ladder':
			return value ? 'a ladder' : 'no ladder';
		case 'offset':
			return value === 0 ? 'on its row' : 'on another row';
	}
}
