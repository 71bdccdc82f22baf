import type { Told } from './sentence';

/** A script as plain text, one numbered step a line, for a letter or a pattern. */
export function scriptText(title: string, told: readonly Told[]): string {
	const steps = told.map(({ sentence, detail }, i) =>
		i === told.length - 1 ? `\n${sentence} ${detail}` : `${i + 1}. ${sentence} ${detail}`
	);
	return `${title}\n\n${steps.join('\n')}\n`;
}
