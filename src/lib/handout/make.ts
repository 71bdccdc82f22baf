import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { zip, type AsyncZippable } from 'fflate';
import { promisify } from 'node:util';
import { differing, fileNameOf, variantName, type Asked } from '$core/handout/asked';
import { courseHandout } from '$core/handout/course';
import { handoutOf } from '$core/handout/handout';
import { posterOf } from '$core/handout/poster';
import type { Lesson } from '$core/lesson/lesson';
import { fault, good, type Result } from '$core/result';
import type { OwnPictures } from './blocks';
import { writeHandout } from './file';
import { writePoster } from './pdfPoster';

const TYPES = {
	html: 'text/html; charset=utf-8',
	pdf: 'application/pdf',
	epub: 'application/epub+zip',
	md: 'text/markdown; charset=utf-8',
	json: 'application/json',
	zip: 'application/zip'
} as const;

/** A file that was made: where it lies, and how it is to be called. */
export interface MadeFile {
	readonly path: string;
	readonly name: string;
	readonly type: string;
}

/** What a file is made from: a lesson as it stands, and what goes with it. */
export interface Matter {
	readonly asked: Asked;
	readonly lesson: Lesson;
	/** the lessons after it, where the sheets of a course are asked for */
	readonly others: readonly Lesson[];
	readonly own: OwnPictures;
	readonly madeAt: string;
	/** where files may be written */
	readonly folder: string;
	/** sections done, of all */
	readonly onProgress: (done: number, of: number) => void;
}

/** Makes what was asked for: one file, or a zip where there are several variants. */
export async function made(matter: Matter): Promise<Result<MadeFile>> {
	const { asked, lesson, folder, madeAt, onProgress } = matter;
	if (asked.kind === 'poster') {
		const poster = posterOf(lesson, asked.part, asked.options);
		if (!poster)
			return fault('conflict', 'This part shows no cross any more. Choose another part for the poster.');
		const path = join(folder, 'poster.pdf');
		await writePoster(path, poster, madeAt);
		onProgress(1, 1);
		return good({ path, name: fileNameOf(poster.title, 'poster', 'pdf'), type: TYPES.pdf });
	}
	if (asked.kind === 'course') {
		const { as, title, options } = asked;
		const handout = courseHandout(
			title,
			[lesson, ...matter.others].map((one) => handoutOf(one, options))
		);
		const path = join(folder, `course.${as}`);
		const all = handout.sections.length;
		await writeHandout(path, as, handout, matter.own, madeAt, { onSection: (done) => onProgress(done, all) });
		return good({ path, name: fileNameOf(title, '', as), type: TYPES[as] });
	}
	const { as, variants } = asked;
	const files = [];
	for (const [i, options] of variants.entries()) {
		const handout = handoutOf(lesson, options);
		const path = join(folder, `${i}.${as}`);
		const all = handout.sections.length;
		const onSection = (done: number) => onProgress(i * all + done, variants.length * all);
		await writeHandout(path, as, handout, matter.own, madeAt, { onSection });
		onSection(all);
		files.push({
			path,
			// Whose it is stands on each, the first as well.
			name: fileNameOf(
				lesson.title,
				variantName({ ...differing(options, variants[0]), learner: options.learner }),
				as
			),
			type: TYPES[as]
		});
	}
	return good(files.length === 1 ? files[0] : await zipped(files, join(folder, 'sheets.zip'), lesson.title));
}

async function zipped(files: readonly MadeFile[], path: string, title: string): Promise<MadeFile> {
	const held: AsyncZippable = {};
	for (const file of files) held[ownName(file.name, held)] = new Uint8Array(await readFile(file.path));
	await writeFile(path, await promisify<AsyncZippable, Uint8Array>(zip)(held));
	return { path, name: fileNameOf(title, 'sheets', 'zip'), type: TYPES.zip };
}

/** Two variants may be called the same: the later one has a number. */
function ownName(name: string, held: AsyncZippable): string {
	for (let i = 2; name in held; i++) name = name.replace(/(?: \(\d+\))?(\.\w+)$/, ` (${i})$1`);
	return name;
}
