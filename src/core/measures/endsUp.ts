import { counted } from '../naming/numbers';
import { heightMm, type Gauge } from '../swatch/measure';

/**
 * Where rows that were planned for a length end up at the gauge that is really knitted: `At this gauge 3 cm too short: one
 * repeat more.` Nothing where they end within half a repeat of it.
 *
 * @param length says a length in the knitter's units
 */
export function endsUpSaid(
	{
		rows,
		repeatRows,
		wishedMm
	}: { readonly rows: number; readonly repeatRows: number; readonly wishedMm: number },
	gauge: Gauge,
	length: (mm: number) => string
): string | null {
	const off = heightMm(rows, gauge) - wishedMm;
	const repeats = Math.round(Math.abs(off) / heightMm(repeatRows, gauge));
	if (repeats === 0) return null;
	return `At this gauge ${length(Math.abs(off))} too ${off < 0 ? 'short' : 'long'}: ${counted(repeats, 'repeat')} ${off < 0 ? 'more' : 'fewer'}.`;
}
