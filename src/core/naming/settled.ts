import { sameCrossing, type Crossing } from '../crossing/crossing';
import type { Medium } from '../technique/medium';
import { good, type Result } from '../result';
import { plain, type KeyLine } from './key';
import type { Reading, Readings } from './reading';

/** A teacher's earlier choice among the readings of a name. */
export interface Choice {
	readonly name: string;
	readonly medium: Medium;
	readonly crossing: Crossing;
}

/** What a teacher's names mean to her already: the keys she uses, line by line, and the readings she chose. */
export interface Memory {
	readonly keys: readonly { readonly title: string; readonly lines: readonly KeyLine[] }[];
	readonly choices: readonly Choice[];
}

/** Which reading stands, and who settled it; the others stay in sight. */
export interface Settled {
	readonly which: number;
	readonly by: 'key' | 'choice';
	/** the title of the key */
	readonly title?: string;
}

/**
 * The readings of a name with what settles them: a line of a key in use comes before an earlier choice, and may give a
 * meaning to a name that says nothing by itself. Nothing is left out, and nothing settled in silence.
 *
 * @param answer what the name says by itself
 */
export function settledBy(
	name: string,
	answer: Result<Readings>,
	medium: Medium,
	{ keys, choices }: Memory
): Result<Readings & { readonly settled: Settled | null }> {
	const found = keys
		.flatMap(({ title, lines }) => lines.map((line) => ({ title, line })))
		.find(({ line }) => plain(line.label) === plain(name) && line.readings.length === 1);
	if (found && medium === 'hand') {
		const { title, line } = found;
		const because = `Your key “${title}” says so: ${line.definition || line.label}.`;
		const own: Reading = { ...line.readings[0], because };
		const readings = answer.ok ? answer.value.readings : [];
		const at = readings.findIndex(({ crossing }) => sameCrossing(crossing, own.crossing));
		const all = at < 0 ? [own, ...readings] : readings;
		const settled: Settled = { which: Math.max(0, at), by: 'key', title };
		return good({ input: name, readings: all, ambiguous: all.length > 1, settled });
	}
	if (!answer.ok) return answer;
	const choice = choices.find((one) => one.medium === medium && plain(one.name) === plain(name));
	const which = choice
		? answer.value.readings.findIndex(({ crossing }) => sameCrossing(crossing, choice.crossing))
		: -1;
	return good({ ...answer.value, settled: which < 0 ? null : { which, by: 'choice' } });
}
