import { describe, expect, it } from 'vitest';
import type { Letter } from './outbox.svelte';
import { copyOf, placeOf } from './refused';

const letter = (to: string, body: Letter['body']): Letter => ({ id: '1', to, body, tried: false, key: 'k' });

describe('a change that was not taken', () => {
	it('is kept as a text with every word that was written', () => {
		const change = {
			kind: 'set-part',
			part: 'p1',
			fields: { title: 'Rest', text: 'Lay the\nneedles down.', minutes: 5 }
		};
		expect(
			copyOf({
				letter: letter('/api/lessons/7/changes', { change, since: 3, page: 'a' }),
				message: 'The lesson is full.',
				answer: {}
			})
		).toBe('Not taken: The lesson is full.\n\ntitle:\nRest\n\ntext:\nLay the\nneedles down.\n\nminutes: 5\n');
	});

	it.each([
		['/api/lessons/7/changes', {}, '/lessons/7'],
		['/api/lessons', { lessonId: '8' }, '/lessons/8'],
		['/api/swatches/9/versions', {}, '/swatches/9'],
		['/api/bench/keys', { keyId: 'a' }, '/abbreviations'],
		['/api/bench/crossings', { crossingId: 'a' }, '/'],
		['/api/settings', {}, '/account']
	])('leads back to where it was made: %s', (to, body, place) =>
		expect(placeOf(letter(to, body))).toBe(place)
	);
});
