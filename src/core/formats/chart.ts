import type { Chart } from '../swatch/chart';
import { printCrossing } from './crossing';

/** A chart as it is printed: rows from the bottom up, crossings in the open format. */
export const printChart = ({ width, rows, crosses, problems }: Chart) => ({
	width,
	rows,
	crosses: crosses.map((cross) => ({ ...cross, crossing: printCrossing(cross.crossing) })),
	problems
});
