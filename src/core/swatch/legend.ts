import type { Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Voice } from '../hands/voice';
import { inList } from '../english';
import { isBed, type Medium } from '../technique/medium';
import { handed } from '../ways/handed';
import { sayIn } from '../ways/sayIn';
import type { CellSign, Chart } from './chart';
import { lookOf } from './chartCross';

/** What a sign of a chart means, in words. */
export type LegendEntry =
	| { readonly kind: 'sign'; readonly is: CellSign; readonly name: string; readonly says: string }
	| {
			readonly kind: 'cross';
			/** which of the chart's crossings */
			readonly cross: number;
			readonly name: string;
			/** how it is made, in the reader's words; where rows of both sides may make it, how on each */
			readonly says: readonly string[];
			/** which stitches go onto a needle, and which to look for without one */
			readonly look: string;
	  };

type Words = Pick<Voice, 'hand' | 'keep' | 'terms'>;

/** Each kind of box: what it is called, and what is to be known of it. */
const SIGNS: Readonly<Record<Exclude<CellSign, 'cross' | 'none'>, readonly [name: string, says: string]>> = {
	knit: ['Knit', 'purl it on a wrong side row'],
	purl: ['Purl', 'knit it on a wrong side row'],
	twisted: ['Twisted', 'worked through the back loop'],
	slipped: ['Slipped', 'taken across unworked'],
	'yarn-over': ['Yarn over', 'the yarn is laid over the needle'],
	'decrease-right': ['Together, to the right', 'stitches worked into one that leans right'],
	'decrease-left': ['Together, to the left', 'stitches worked into one that leans left'],
	'decrease-double': ['Three into one', 'the middle one lies on top'],
	increase: ['One more', 'a new stitch beside the last']
};

/** The legend of a chart: every sign and every crossing that is in it, each once. */
export function legendOf({ medium, rows, crosses }: Chart, voice: Words): LegendEntry[] {
	const used = new Set(rows.flatMap(({ cells }) => cells.map(({ is }) => is)));
	const signs = Object.entries(SIGNS).flatMap(([is, [name, says]]): LegendEntry[] =>
		used.has(is as CellSign) ? [{ kind: 'sign', is: is as CellSign, name, says }] : []
	);
	const told = crosses.map(({ name, crossing, definitionWrong }, cross): LegendEntry => {
		const right = definitionIn(crossing, medium, voice);
		const wrong = definitionWrong === undefined ? null : definitionIn(turnOver(crossing), medium, voice);
		const onRight = wrong === null ? right : `On the right side: ${right}`;
		const says = wrong === null ? [onRight] : [onRight, `On the wrong side: ${wrong}`];
		return { kind: 'cross', cross, name, says, look: isBed(medium) ? '' : lookIn(crossing, voice) };
	});
	return [...signs, ...told];
}

function definitionIn(crossing: Crossing, medium: Medium, voice: Words): string {
	const said = sayIn(crossing, medium, voice);
	return said.ok ? said.value : `worked ${crossing.order.join(' ')}`;
}

/** The positions that a reader's hands take up: a left-hander who keeps the fabric counts from the other end. */
export const lookFor = (crossing: Crossing, { hand, keep }: Omit<Words, 'terms'>) =>
	lookOf(handed(crossing, { hand, keep }).played);

function lookIn(crossing: Crossing, voice: Words): string {
	const { needle, reach } = lookFor(crossing, voice);
	const named = (positions: readonly number[]) =>
		`${positions.length === 1 ? 'stitch' : 'stitches'} ${inList(positions)}`;
	return [
		...(needle.length > 0 ? [`Onto the cable needle: ${named(needle)} of ${crossing.stitches}.`] : []),
		...(reach.length > 0 ? [`Without one, reach for ${named(reach)}.`] : [])
	].join(' ');
}
