import { describe, expect, it } from 'vitest';
import { aboutOf } from '$core/measures/about';
import { measured, piece } from '../../../tests/support/piece';
import { measuredAt, pieceAt, type KeptPiece } from '$lib/wire/log';
import { withLetter } from './openPiece.svelte';

const about = aboutOf(piece('A strip'));
const KEPT: KeptPiece = { id: 'p', about, measured: [{ id: 'one', record: measured() }] };
const sent = (measuredId: string, record: unknown) => ({ to: measuredAt('p'), body: { measuredId, record } });

describe('a piece with what waits for it', () => {
	it('is measured, corrected and unmeasured, and the same letter changes nothing the second time', () => {
		const more = withLetter(KEPT, sent('two', measured({ stage: 'dry' })));
		expect(more.measured.map(({ id }) => id)).toEqual(['one', 'two']);
		expect(withLetter(more, sent('two', measured({ stage: 'dry' })))).toEqual(more);
		expect(withLetter(more, sent('one', measured({ widthMm: 9 }))).measured[0].record.widthMm).toBe(9);
		const less = withLetter(more, sent('one', null));
		expect(less.measured.map(({ id }) => id)).toEqual(['two']);
		expect(withLetter(less, sent('one', null))).toBe(less);
	});

	it('is called and pictured otherwise, and hears nothing of other pieces', () => {
		const said = (fields: object) => ({ to: pieceAt('p'), body: { about: fields } });
		const named = withLetter(KEPT, said({ title: 'Eel', picture: 'x' }));
		expect(named.about).toMatchObject({ title: 'Eel', picture: 'x', needleMm: 4 });
		expect(withLetter(named, said({ picture: null })).about).not.toHaveProperty('picture');
		expect(withLetter(KEPT, { to: measuredAt('q'), body: { measuredId: 'one', record: null } })).toBe(KEPT);
	});
});
