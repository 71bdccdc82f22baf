import { describe, expect, it } from 'vitest';
import { crossing } from '../../../tests/support/taughtLesson';
import { sayingOn } from './sayingOn';

describe('a saying on a sheet', () => {
	const taught = (saying: string) => ({ id: 'a', name: '2/2 RC', crossing: crossing('2/2 RC'), saying });
	const left = { hand: 'left', keep: 'fabric' } as const;
	const words = { hand: 'left', keep: 'words' } as const;
	const right = { hand: 'right', keep: 'fabric' } as const;

	it('is marked where left hands do otherwise, and stays where they do not', () => {
		expect(sayingOn(taught('Hold it at the back.'), right)).toBe('Hold it at the back.');
		expect(sayingOn(taught('Hold it at the back.'), left)).toBe('Hold it at the back. (said to right hands)');
		expect(sayingOn(taught('Hold it at the back.'), words)).toBe('Hold it at the back.');
		expect(sayingOn(taught('It leans right.'), left)).toBe('It leans right.');
	});

	it('is nothing where nothing is said, and unmarked where nobody knows whether it holds', () => {
		expect(sayingOn(taught(''), left)).toBe('');
		expect(sayingOn(taught('Two otters swim past.'), left)).toBe('Two otters swim past.');
		expect(sayingOn(taught('Hold it in front.'), left)).toBe('Hold it in front.');
		expect(sayingOn(taught('Hold it in front.'), right)).toBe('Hold it in front.');
	});

	it('is theirs where the teacher has one for them', () => {
		const own = taught('Hold it at the back.\nLeft-handed: hold it in front.');
		expect(sayingOn(own, left)).toBe('hold it in front.');
	});
});
