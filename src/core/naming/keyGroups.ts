import { isSentence } from './sentence';
import { phraseOf } from './phrase';
import type { KeyLine } from './key';

/** The lines of a key by what is to be done with them: to look at first, then what is read, then what is no crossing. */
export interface KeyGroups {
	/** at odds with itself, or open to several readings, or a definition that is not understood */
	readonly look: readonly KeyLine[];
	readonly read: readonly KeyLine[];
	/** increases, bobbles, needles: names that cross nothing */
	readonly none: readonly KeyLine[];
}

/** Sorts the lines of a key into three groups; in each they stay in their order. */
export function keyGroups(lines: readonly KeyLine[]): KeyGroups {
	const group = (line: KeyLine): keyof KeyGroups => {
		if (!line.fault) return line.readings.length === 1 ? 'read' : 'look';
		return crossesNothing(line) ? 'none' : 'look';
	};
	const of = (wanted: keyof KeyGroups) => lines.filter((line) => group(line) === wanted);
	return { look: of('look'), read: of('read'), none: of('none') };
}

const BOBBLE = /\b(?:in|into)\b.*\bst(?:itch)?\b|\bturn\b/i;
const COUNTED =
	/\d|\b(?:one|two|three|four|five|six|first|second|third|fourth|last|next|skipped|them|those|held)\b/i;
const WAITS =
	/\b(?:cn\d*|dpn|needle|to|onto|hold|held|keep|leave|skip|miss|front|back|behind|second|third|\dnd|\drd)\b|c\.\s?n\./i;

/**
 * A name that no school knows, whose words hold nothing on a needle: what crosses says how many stitches, and where some of
 * them wait. `cn: cable needle` and `sl: slip stitch purlwise` are words of the key.
 */
function crossesNothing({ label, definition }: KeyLine): boolean {
	if (phraseOf(label).ok) return false;
	return (
		!isSentence(definition) ||
		!COUNTED.test(definition) ||
		!WAITS.test(definition) ||
		(BOBBLE.test(definition) && !/\b(?:cn|cable needle|dpn)\b/i.test(definition))
	);
}
