import { thoughtOf } from '$core/faults/diagnose';
import { ladderDepth, mendsOf, type Mend } from '$core/faults/mends';
import { counted } from '$core/naming/numbers';
import { mendMinutes, mendMinutesSaid } from '$core/planning/mendMinutes';
import type { Rates } from '$core/planning/rates';
import type { LikelyMistake } from '$core/swatch/mistake';
import type { Level } from '$core/ways/cautions';

/**
 * What a finding of the rhythm comes to in the knitting, in a sentence: `You are on row 31: ladder down 4 stitches, 14 rows,
 * about 9 minutes; or a sewn strand, about 3 minutes.`
 *
 * @param now the row that comes next, by its number
 */
export function priceSaid(mistake: LikelyMistake, now: number, level: Level, rates: Rates): string {
	const { crossing, slip, rows } = mistake;
	const fault = thoughtOf(crossing).find((one) => one.slip === slip);
	const mends = fault && mendsOf(crossing, fault, mistake);
	if (!fault || !mends?.ok) return '';
	const best = mends.value.find(({ restores }) => restores);
	const fake = mends.value.find(({ id }) => id === 'fake');
	const said = (mend: Mend) =>
		`${how(mend, crossing.stitches, rows, fault.seen.offset)}, ${mendMinutesSaid(mendMinutes(mend, level, rates))}`;
	const offers = [best, fake].flatMap((mend) => (mend ? [said(mend)] : []));
	return `You are on row ${now}: ${offers.join('; or ')}.`;
}

function how({ id }: Mend, stitches: number, rows: number, offset: number): string {
	if (id === 'ladder')
		return `ladder down ${counted(stitches, 'stitch', 'stitches')}, ${counted(ladderDepth(offset, rows).down, 'row')}`;
	return id === 'fake' ? 'a sewn strand' : `unpick ${counted(rows + 1, 'row')}`;
}
