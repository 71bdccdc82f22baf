import { sizeWorked, type Working } from '../fabric/fabric';
import { counted } from '../naming/numbers';
import { fault, good, type Result } from '../result';
import { applyEdits, type TextEdit } from './text';

/** Errors of a text in each of its sizes, the first first; `null` for a size that cannot be worked at all. */
const errorsBySize = (text: string, { options, pattern }: Working): (number | null)[] =>
	Array.from({ length: pattern.sizes }, (_, i) => {
		const worked = sizeWorked(text, options, i + 1);
		return worked.ok
			? worked.value.fabric.problems.filter(({ severity }) => severity === 'error').length
			: null;
	});

/** The first size, from 1, in which a text is worse off than another; `null` where none is. */
function worseSize(before: string, after: string, working: Working): number | null {
	const [was, is] = [before, after].map((text) => errorsBySize(text, working));
	const at = is.findIndex((errors, i) => (errors ?? Infinity) > (was[i] ?? Infinity));
	return at < 0 ? null : at + 1;
}

/** Edits that leave every size of a text as well off as it was; `conflict` where one of them has no room for what is changed. */
export function keepingSizes(text: string, working: Working, edits: Result<TextEdit[]>): Result<TextEdit[]> {
	const { sizes } = working.pattern;
	if (!edits.ok || sizes === 1) return edits;
	const worse = worseSize(text, applyEdits(text, edits.value), working);
	return worse === null
		? good(edits.value)
		: fault(
				'conflict',
				`It fits the size that is shown, and not size ${worse} of the ${counted(sizes, 'size')} of these rows. Change the row in the text.`
			);
}
