import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { aboutOf } from '$core/measures/about';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { measured, piece } from '../../../../tests/support/piece';
import { database } from '../pool';
import {
	addPiece,
	changePiece,
	deletePiece,
	findPiece,
	keepMeasured,
	listPieces,
	measuredPieces,
	removePiece
} from './pieces';

freshSchema();

const ABOUT = aboutOf(piece('A strip'));

async function made() {
	const owner = await newTeacher();
	const id = randomUUID();
	await addPiece(owner, id, ABOUT, []);
	return { owner, id };
}

describe('a piece', () => {
	it('is kept once with what was measured, and is its teacher’s alone', async () => {
		const [owner, other] = [await newTeacher(), await newTeacher()];
		const id = randomUUID();
		const first = { id: randomUUID(), record: measured() };
		expect(await addPiece(owner, id, ABOUT, [first])).toBe(true);
		expect(await addPiece(owner, id, { ...ABOUT, title: 'Another' }, [])).toBe(true);
		expect(await findPiece(owner, id)).toEqual({ id, about: ABOUT, measured: [first] });
		expect(await addPiece(other, id, ABOUT, [])).toBe(false);
		expect(await findPiece(other, id)).toBeNull();
		expect(await changePiece(other, id, { title: 'Theirs' })).toBe(false);
		expect(await keepMeasured(other, id, randomUUID(), measured())).toBe('missing');
		expect([await removePiece(other, id, true), await deletePiece(other, id)]).toEqual([false, false]);
	});

	it('is measured, corrected, and unmeasured, each once however often it comes', async () => {
		const { owner, id } = await made();
		const [first, second] = [randomUUID(), randomUUID()];
		for (const widthMm of [100, 100, 102]) await keepMeasured(owner, id, first, measured({ widthMm }));
		await keepMeasured(owner, id, second, measured({ stage: 'dry' }));
		expect((await findPiece(owner, id))!.measured.map(({ record }) => record.widthMm)).toEqual([102, 100]);
		await keepMeasured(owner, id, first, null);
		expect((await findPiece(owner, id))!.measured.map((one) => one.id)).toEqual([second]);
		// A measurement of one piece is not another's, even of the same teacher.
		const next = randomUUID();
		await addPiece(owner, next, ABOUT, []);
		expect(await keepMeasured(owner, next, second, measured({ widthMm: 1 }))).toBe('missing');
		await keepMeasured(owner, next, second, null);
		expect((await findPiece(owner, id))!.measured).toHaveLength(1);
	});

	it('changes only in what is said, and loses a picture that is taken away', async () => {
		const { owner, id } = await made();
		const picture = randomUUID();
		await changePiece(owner, id, { picture, needleMm: 5 });
		expect((await findPiece(owner, id))!.about).toEqual({ ...ABOUT, picture, needleMm: 5 });
		await changePiece(owner, id, { picture: null });
		expect((await findPiece(owner, id))!.about).toEqual({ ...ABOUT, needleMm: 5 });
	});

	it('is put away, comes back, and goes for good with all that was measured', async () => {
		const { owner, id } = await made();
		await keepMeasured(owner, id, randomUUID(), measured());
		expect(await measuredPieces(owner)).toHaveLength(1);
		expect(await deletePiece(owner, id)).toBe(false);
		await removePiece(owner, id, true);
		expect([await measuredPieces(owner), await listPieces(owner, { away: false, most: 9 })]).toEqual([
			[],
			[]
		]);
		expect(await listPieces(owner, { away: true, most: 9 })).toHaveLength(1);
		expect(await keepMeasured(owner, id, randomUUID(), measured())).toBe('missing');
		expect(await deletePiece(owner, id)).toBe(true);
		const left = () => database().query('select from measurements where piece_id = $1', [id]);
		expect((await left()).rows).toEqual([]);
		// With an account all of it goes.
		await addPiece(owner, id, ABOUT, [{ id: randomUUID(), record: measured() }]);
		await database().query('delete from teachers where id = $1', [owner]);
		expect((await left()).rows).toEqual([]);
	});

	it('takes no more measurements than its format does', async () => {
		const { owner, id } = await made();
		await database().query(
			`insert into measurements (id, piece_id, record) select gen_random_uuid(), $1, $2 from generate_series(1, 400)`,
			[id, measured()]
		);
		expect(await keepMeasured(owner, id, randomUUID(), measured())).toBe('full');
	});
});
