import type { Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';

/**
 * The line for those who work from a picture: how many stitches to skip, which to look at, and on which side of the
 * skipped ones they pass.
 */
export function lookAt(crossing: Crossing): string {
	const all = groups(crossing);
	const place = (stitch: number) => crossing.order.indexOf(stitch);
	const worked = [...all].sort((a, b) => place(a[0]) - place(b[0]));
	const lies = (a: number, b: number) => crossing.over.some(([front, behind]) => front === a && behind === b);
	const left = [...all];
	const said: string[] = [];
	for (const group of worked) {
		const before = left.slice(0, left.indexOf(group));
		left.splice(left.indexOf(group), 1);
		const skip = before.reduce((sum, other) => sum + other.length, 0);
		const looked = `look at ${group.length === 1 ? 'this 1' : `these ${group.length}`} (${group.join(' ')})`;
		if (skip === 0) {
			said.push(looked);
			continue;
		}
		const inFront = before.filter((other) => lies(group[0], other[0]));
		const side =
			inFront.length === before.length
				? 'they pass in front'
				: inFront.length === 0
					? 'they pass behind'
					: `they pass in front of ${inFront.flat().join(' ')}, behind the rest`;
		said.push(
			`skip ${skip}, ${looked}: ${group.length === 1 ? side.replace('they pass', 'it passes') : side}`
		);
	}
	const line = said.join('; then ');
	return `${line[0].toUpperCase()}${line.slice(1)}.`;
}
