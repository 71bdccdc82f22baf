import { MEDIA, type Medium } from '$core/technique/medium';
import { parseJson } from '$core/formats/json';
import { parseMoves } from '$core/formats/moves';
import { FIRST_NAME, type Subject, type SubjectStart } from './subject.svelte';

/** What an address says of a subject: everything odd in it stands for the usual. */
export function subjectIn(query: URLSearchParams, prefix = ''): SubjectStart {
	const said = (name: string) => query.get(prefix + name) ?? undefined;
	const medium = said('medium');
	const hand = said('hand');
	const which = Number(said('reading') ?? NaN);
	return {
		name: said('name'),
		medium: MEDIA.includes(medium as Medium) ? (medium as Medium) : undefined,
		row: said('row') === 'wrong' ? 'wrong' : 'right',
		way: said('way'),
		which: Number.isInteger(which) && which >= 0 ? which : undefined,
		hand: hand === 'left' || hand === 'right' ? hand : undefined,
		mounts: said('mounts') === 'left' ? 'left' : 'right',
		own: ownIn(said('moves'))
	};
}

function ownIn(text: string | undefined) {
	const json = text ? parseJson(text) : null;
	const stitches = json?.ok ? (json.value as { stitches?: number } | null)?.stitches : undefined;
	const script = json?.ok && stitches !== undefined ? parseMoves(json.value, stitches) : null;
	return script?.ok ? script.value : undefined;
}

/** The parts of an address that open this subject again; the usual is left out. */
export function saidOf(subject: Subject, prefix = ''): [string, string][] {
	const { read, row, picked, hand, mounts, own, shown } = subject;
	const way = shown?.kind === 'gutter' ? subject.wayId : shown?.way.id;
	const said: [string, string | null | undefined][] = [
		['name', read.input || FIRST_NAME],
		['medium', read.medium === 'hand' ? null : read.medium],
		['row', row === 'wrong' ? row : null],
		['reading', read.ambiguous && picked !== null ? String(picked) : null],
		['hand', hand],
		['mounts', mounts === 'left' ? mounts : null],
		['way', way],
		['moves', own && way === 'own' ? JSON.stringify(own) : null]
	];
	return said.flatMap(([name, value]) => (value ? [[prefix + name, value] as [string, string]] : []));
}
