/** A saying for right hands and, where it goes otherwise, for left ones. Each lean has its own, with its crossing. */
export interface Saying {
	readonly right: string;
	readonly left: string;
}

const FOR_LEFT = /^left[- ]hand(?:ed|ers?)\s*[:–-]\s*/i;

/** A saying as it is kept, one text, as its two: lines that begin with `Left-handed:` are for left hands. */
export function sayingOf(text: string): Saying {
	const lines = text.split('\n');
	const left = lines.filter((line) => FOR_LEFT.test(line)).map((line) => line.replace(FOR_LEFT, ''));
	return { right: lines.filter((line) => !FOR_LEFT.test(line)).join('\n'), left: left.join('\n') };
}

/** The two as one text to keep. */
export const sayingText = ({ right, left }: Saying): string =>
	[right, ...left.split('\n').flatMap((line) => (line ? [`Left-handed: ${line}`] : []))].join('\n');

/** What is said to one pair of hands: left ones hear their own where there is one. */
export function sayingFor(text: string | undefined, hand: 'right' | 'left'): string {
	const { right, left } = sayingOf(text ?? '');
	return (hand === 'left' && left) || right.trim();
}
