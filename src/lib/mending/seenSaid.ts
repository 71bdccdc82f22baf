import type { Seen, SeenField } from '$core/faults/seen';

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
			return `${value} in front of another`;
		case 'behind':
			return `${value} behind another`;
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
