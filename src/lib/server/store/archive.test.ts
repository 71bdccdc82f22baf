import { randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { emptyLesson } from '$core/lesson/lesson';
import { newSwatch } from '$core/swatch/schema';
import { freshSchema, newTeacher } from '../../../../tests/support/database';
import { readHoldings } from './archive';
import { addLesson } from './lessons';
import { addPicture } from './pictures';
import { takeVersion } from './swatches';

freshSchema();

it('everything of a teacher is read, a long history whole and in its order, and nothing of anybody else’s', async () => {
	const [owner, other] = [await newTeacher('Heron'), await newTeacher()];
	for (const one of [owner, other]) await addLesson(one, randomUUID(), emptyLesson('Reeds'));
	await addPicture(owner, randomUUID(), { bytes: Buffer.from([1]), type: 'image/png', width: 1, height: 1 });
	const swatch = randomUUID();
	let base: string | null = null;
	for (let n = 1; n <= 45; n++) {
		const said = `version ${n}`;
		const taken = await takeVersion(owner, swatch, {
			id: randomUUID(),
			base,
			swatch: newSwatch(said, 'CO 4.'),
			said
		});
		base = taken!.head;
	}
	const read: string[] = [];
	const versions: string[] = [];
	const { name } = await readHoldings(
		owner,
		{
			async document(folder, n, _, long) {
				read.push(`${folder} ${n}`);
				if (folder === 'swatches')
					for await (const piece of long.versions) versions.push((piece as { said: string }).said);
			},
			async picture(n, { type }) {
				read.push(`pictures ${n} ${type}`);
			}
		},
		{ learners: false }
	);
	expect([name, read]).toEqual(['Heron', ['lessons 0', 'swatches 0', 'pictures 0 image/png']]);
	expect(versions).toEqual(Array.from({ length: 45 }, (_, n) => `version ${n + 1}`));
});
