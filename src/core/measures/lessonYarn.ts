import type { Working } from '../fabric/fabric';
import { USUAL_RULES, type Rules } from '../rules';
import { ASSUMED_GAUGE } from '../swatch/measure';
import { crossedIn } from '../swatch/crossed';
import { ASSUMED_YARN, gramsPerMetre, gramsPerStitchByThumb } from './thumb';

/** Yarn is handed out in steps of so many grams. */
const STEP_GRAMS = 5;

/** Yarn for one learner who knits these rows, in grams, what is spare included: by rule of thumb, of a middling yarn. */
export function gramsEach(worked: readonly Working[], rules: Rules = USUAL_RULES): number {
	const grams = worked.reduce((sum, working) => {
		const stitches = working.steps.reduce((all, { row }) => all + row.after, working.fabric.castOn);
		const each = gramsPerStitchByThumb(
			crossedIn(working),
			100 / ASSUMED_GAUGE.stitches,
			gramsPerMetre(ASSUMED_YARN),
			rules
		);
		return sum + stitches * each;
	}, 0);
	return Math.max(STEP_GRAMS, Math.ceil((grams * (1 + rules.spareYarn / 100)) / STEP_GRAMS) * STEP_GRAMS);
}
