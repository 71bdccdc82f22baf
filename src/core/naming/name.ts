import type { Crossing } from '../crossing/crossing';
import * as over from './over';

/** What a screen calls a crossing: its name in the over school, else the worked order. */
export function nameOf(crossing: Crossing): string {
	return over.write(crossing) ?? `order ${crossing.order.join(' ')}`;
}
