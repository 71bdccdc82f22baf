import { parseJson } from '../core/formats/json';
import { parseLesson } from '../core/formats/lesson';
import { handoutOf } from '../core/handout/handout';
import { handoutOptionsShape } from '../core/handout/options';
import { fault, good, type Result } from '../core/result';
import { writeHandout } from '../lib/handout/file';
import { given } from './options';

/** Writes a lesson's sheet to a file: where it is, its size, and how many pages it has. */
export async function answerHandout(args: readonly string[], input: string): Promise<Result<unknown>> {
	const asked = given('handout', args, []);
	if (!asked.ok) return asked;
	const { as, out, 'yarn-hand': yarnHand, large = false, compact = false, ...rest } = asked.value.options;
	if (!as || !out)
		return fault(
			'unreadable',
			'“handout” wants to know what to write and where: --as html, pdf, epub, md or json, and --out FILE.'
		);
	const value = parseJson(input);
	const lesson = value.ok ? parseLesson(value.value) : value;
	if (!lesson.ok) return lesson;
	const options = handoutOptionsShape.parse({ ...rest, ...(yarnHand ? { yarnHand } : {}), large, compact });
	const madeAt = new Date().toISOString().replace(/\.\d+Z$/, 'Z');
	try {
		// A lesson alone has none of the pictures that its texts may point to: they are told in their words.
		const written = await writeHandout(out, as, handoutOf(lesson.value, options), () => null, madeAt);
		return good({ file: out, ...written });
	} catch (error) {
		if (!(error instanceof Error && 'code' in error)) throw error;
		return fault(
			'conflict',
			`“${out}” cannot be written (${error.code}). Give a path in a folder that is there.`
		);
	}
}
