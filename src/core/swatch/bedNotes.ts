import type { Working } from '../fabric/fabric';
import { widestSet } from '../technique/facts';
import type { Rules } from '../rules';

/** What a machine or a loom asks of a swatch, in its own words. */
export interface BedNotes {
	/** needles or pegs in use */
	readonly used: number;
	/** rows or passes from each row that crosses to the next, the fewest */
	readonly between: number | null;
	/** what is to be known or changed */
	readonly notes: readonly { readonly wrong: boolean; readonly text: string }[];
}

/** Passes between crosses, tension, needles forward, pegs and their order (craft: Techniques). */
export function bedNotes({ steps, fabric }: Working, medium: 'machine' | 'loom', rules: Rules): BedNotes {
	const rows = steps.flatMap(({ worked }, i) => (worked.crossings.length > 0 ? [i] : []));
	const gaps = rows.slice(1).map((row, i) => row - rows[i] - 1);
	const between = gaps.length > 0 ? Math.min(...gaps) : null;
	const crossings = steps.flatMap(({ worked }) => worked.crossings.map(({ crossing }) => crossing));
	const widest = Math.max(0, ...crossings.map(widestSet));
	const used = Math.max(fabric.castOn, ...fabric.rows.map(({ after }) => after));
	const purls = crossings.some(({ work }) => work.some((word) => word !== 'k'));
	const notes: { wrong: boolean; text: string }[] = [];
	const say = (wrong: boolean, text: string) => notes.push({ wrong, text });
	if (medium === 'machine') {
		const wanted = widest * rules.plainRows;
		if (widest > 0)
			say(
				between !== null && between < wanted,
				`At least ${wanted} plain passes between crosses of ${widest}×${widest}${between === null ? '' : `; here there are ${between}`}.`
			);
		if (2 * widest >= rules.forwardFrom)
			say(
				false,
				'Push the crossed needles fully forward before the next pass, the carriage set so that it knits them back.'
			);
		if (widest >= rules.strainFrom)
			say(
				true,
				`Sets of ${widest} strain the yarn: loosen the tension by a number or more, go slowly, and take no brittle yarn.`
			);
		say(
			false,
			'The purl side faces you; the cables show on the far side. Keep fingers clear of the moving carriage.'
		);
	} else {
		if (widest > rules.loomMost)
			say(true, `Sets of ${widest} are beyond most looms; ${rules.loomMost} is as far as pegs let them go.`);
		say(false, 'Keep one order of re-seating for the whole piece: outside always means in front.');
		say(false, 'Cross after the next stitch is worked, so that the working yarn is clear.');
	}
	if (purls) say(true, 'A purl cross is made by hand only; on a bed every stitch of a cross knits.');
	return { used, between, notes };
}
