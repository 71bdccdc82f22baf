import { describe, expect, it } from 'vitest';
import { clashOf } from './clash';
import { type Change } from './lesson';
import { set } from '../../../tests/support/changes';

describe('two hands', () => {
	it.each<[string, Change, Change[], ReturnType<typeof clashOf>]>([
		['other parts go together', set('a', { title: 'x' }), [set('b', { title: 'y' })], null],
		['other fields go together', set('a', { title: 'x' }), [set('a', { text: 'y' })], null],
		[
			'one field clashes',
			set('a', { title: 'x' }),
			[set('a', { title: 'y' })],
			{ part: 'a', fields: ['title'] }
		],
		['saying the same is no clash', set('a', { title: 'x' }), [set('a', { title: 'x' })], null],
		[
			'what is said last counts',
			set('a', { title: 'x' }),
			[set('a', { title: 'y' }), set('a', { title: 'x' })],
			null
		],
		[
			'writing in a part that is gone',
			set('a', { title: 'x' }),
			[{ kind: 'remove-part', part: 'a' }],
			{ part: 'a', fields: [] }
		],
		[
			'removing a part that was written in',
			{ kind: 'remove-part', part: 'a' },
			[set('a', { text: 'y' })],
			{ part: 'a', fields: [] }
		],
		[
			'the lesson itself',
			{ kind: 'set', fields: { title: 'x', minutes: 60 } },
			[{ kind: 'set', fields: { title: 'y' } }],
			{ part: null, fields: ['title'] }
		],
		['moving', { kind: 'move-part', part: 'a', after: 'b' }, [set('a', { title: 'y' })], null]
	])('%s', (_, change, others, clash) => expect(clashOf(change, others)).toEqual(clash));
});
