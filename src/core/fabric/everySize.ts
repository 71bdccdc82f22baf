import { inList } from '../english';
import { readPattern, type Pattern } from '../pattern/pattern';
import { good, type Result } from '../result';
import { drain, type Effort } from './effort';
import { sizeIn, working, type Working } from './fabric';
import type { NameOptions } from './names';
import { sortedProblems, type Problem } from './problem';

/**
 * Works a pattern in one of its sizes, a row at a time, and in all others besides: what is wrong in another size is found too,
 * and each problem says which sizes have it.
 *
 * @param earlier the working of an earlier text in the same size, most of which may stand
 */
export function* workingEverySize(
	text: string,
	pattern: Pattern,
	options: NameOptions = {},
	earlier?: Working
): Effort<Result<Working>> {
	const shown = yield* working(pattern, options, earlier);
	if (!shown.ok || pattern.sizes === 1) return shown;
	const found = new Map<string, { problem: Problem; sizes: number[] }>();
	const note = (problems: readonly Problem[], size: number) => {
		for (const problem of problems) {
			const key = `${problem.code} ${problem.row} ${problem.from}`;
			const known = found.get(key);
			if (!known) found.set(key, { problem, sizes: [size] });
			else if (!known.sizes.includes(size)) known.sizes.push(size);
		}
	};
	note(shown.value.fabric.problems, pattern.size);
	for (let size = 1; size <= pattern.sizes; size++) {
		if (size === pattern.size) continue;
		const other = yield* working(readPattern(text, pattern, size), options);
		if (other.ok) note(other.value.fabric.problems, size);
	}
	const problems = [...found.values()].map(({ problem, sizes }): Problem => {
		const inOrder = sizes.sort((a, b) => a - b);
		const own = inOrder.includes(pattern.size);
		const message = own
			? problem.message
			: `Size${inOrder.length > 1 ? 's' : ''} ${inList(inOrder)}: ${problem.message}`;
		return { ...problem, message, sizes: inOrder };
	});
	const { fabric } = shown.value;
	return good({ ...shown.value, fabric: { ...fabric, problems: sortedProblems(problems) } });
}

/** The same in one go, from a text. */
export function everySizeWorked(text: string, options: NameOptions = {}, size = 1): Result<Working> {
	const pattern = sizeIn(text, size);
	return pattern.ok ? drain(workingEverySize(text, pattern.value, options)) : pattern;
}
