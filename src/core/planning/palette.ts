import { isBed, type Medium } from '../technique/medium';
import { swatchOf } from '../lesson/rows';
import { rowToCount } from '../swatch/counting';
import { frontsSaid } from '../lesson/answers';
import { madeWays } from './made';
import type { PartKind } from '../lesson/kinds';
import type { Lesson, Part } from '../lesson/lesson';
import { estimateOf } from './estimate';
import { likelySlips } from './likelySlips';
import type { Rates } from './rates';

/** A new part of some kind, about a crossing of the lesson, with the minutes it takes; `null` where the lesson has nothing it could be about. */
export function newPart(
	lesson: Lesson,
	kind: PartKind,
	id: string,
	about?: string,
	rates?: Rates
): Part | null {
	const part = partOf(lesson, kind, id, about);
	return part && { ...part, minutes: estimateOf(lesson, part, rates) };
}

function partOf(lesson: Lesson, kind: PartKind, id: string, about?: string): Part | null {
	const taught = lesson.crossings.find((one) => one.id === about) ?? lesson.crossings.at(0);
	const swatch = lesson.swatches.at(0);
	const uk = lesson.names?.terms === 'uk';
	const common = { id, minutes: 0 };
	switch (kind) {
		case 'explain':
			return { ...common, kind, title: 'Tell', text: '' };
		case 'care':
			return {
				...common,
				kind,
				title: 'A rest for the hands',
				text: 'Loose grip, a stretch of fingers and wrists. Stop at pain; pain that stays is for a doctor or hand therapist.'
			};
		case 'measure':
			return {
				...common,
				kind,
				...(swatch ? { swatch: swatch.id } : {}),
				stage: 'needle',
				title: 'Measure it together'
			};
		case 'finish':
			return { ...common, kind, title: 'Bind off, soak, pin out', text: '' };
		case 'note':
			return { ...common, kind, title: 'A note', text: '' };
		case 'swatch':
			return swatch
				? { ...common, kind, swatch: swatch.id, title: `Knit together: ${swatch.title}`.slice(0, 200) }
				: null;
		case 'count': {
			const working = swatch && swatchOf(lesson, swatch.id);
			return swatch
				? {
						...common,
						...{ kind, swatch: swatch.id, title: 'Where am I? Read the rows off the cloth' },
						...(working ? { row: rowToCount(working) } : {})
					}
				: null;
		}
	}
	if (kind === 'compare') return comparing(lesson, id, about);
	if (!taught) return null;
	const { id: crossing, name } = taught;
	switch (kind) {
		case 'picture':
			return { ...common, kind, crossing, title: `${name} in numbers` };
		case 'show': {
			const way = madeWays(taught.crossing, lesson).find(
				({ needles, cautions }) => needles <= (lesson.needles ?? 2) && cautions.length === 0
			);
			const chosen = way ?? madeWays(taught.crossing, lesson)[0];
			return chosen
				? {
						...common,
						kind,
						crossing,
						way: chosen.id,
						times: 2,
						...(isBed(lesson.medium as Medium) ? {} : { yarnHands: 'both' as const }),
						title: `Show ${name}: ${chosen.title.toLowerCase()}`
					}
				: null;
		}
		case 'tension':
			return { ...common, kind, crossing, title: `Slack and tension: ${name}` };
		case 'practice':
			return { ...common, kind, crossing, times: 4, title: `${uk ? 'Practise' : 'Practice'}: ${name}` };
		case 'check':
			return {
				...common,
				kind,
				crossing,
				title: `Ask: ${name}`,
				question: `Which stitches lie in front in ${name}?`,
				answer: frontsSaid(taught.crossing)
			};
		case 'mend':
			return {
				...common,
				kind,
				crossing,
				slip: likelySlips(lesson, taught)[0],
				title: `When ${name} goes wrong`
			};
	}
}

/** Two crosses side by side, or one cross made in two ways, or two swatches: what the lesson has most reason to compare. */
function comparing(lesson: Lesson, id: string, about?: string): Part | null {
	const { crossings, swatches } = lesson;
	const first = crossings.find((one) => one.id === about) ?? crossings.at(0);
	const second = crossings.find((one) => one !== first);
	const common = { id, minutes: 0, kind: 'compare' as const };
	if (first && second)
		return {
			...common,
			title: `${first.name} beside ${second.name}`,
			left: { crossing: first.id },
			right: { crossing: second.id }
		};
	if (first) {
		// With a needle and without one is what learners ask about first.
		const ways = madeWays(first.crossing, lesson);
		const [left] = ways;
		const right = ways.find(({ needles }) => needles !== left?.needles) ?? ways[1];
		const made = (way: { readonly id: string } | undefined) =>
			way ? { crossing: first.id, way: way.id } : { crossing: first.id };
		return { ...common, title: `${first.name}, two ways`, left: made(left), right: made(right) };
	}
	if (swatches.length < 2) return null;
	return {
		...common,
		title: `${swatches[0].title} beside ${swatches[1].title}`.slice(0, 200),
		left: { swatch: swatches[0].id },
		right: { swatch: swatches[1].id }
	};
}
