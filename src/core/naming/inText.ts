/** Names of crossings as they stand among other words. */
export const NAMES = [
	/\b\d{1,2}(?:\/\d{1,2}){1,2} ?[RL](?:P?C|C)\b/gi,
	/\b[CT]\d{1,2}[FB]P?\b/g,
	/\b[CT]\d{1,2}[RL]\b/g,
	/\b\w+ over \w+ (?:right|left) (?:purl )?cross\b/gi
];

/** The source of an expression that finds a name by itself among other words, not as a piece of a longer one. */
export const aloneIn = (name: string): string =>
	`(?<![\\w/])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\w/])`;
