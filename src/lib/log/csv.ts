import Papa from 'papaparse';
import { parseShape } from '$core/formats/json';
import { PIECE_FORMAT, pieceShape, type Measured, type Piece } from '$core/measures/schema';
import { fault, good, type Result } from '$core/result';
import { cellText, csvOf } from '$lib/ui/csv';
import { USUAL_NEEDLE_MM, USUAL_YARN } from './begin';

/** What stands in each column: of the piece, or of one measurement on it. */
const COLUMNS = [
	['piece', ({ title }: Piece) => title],
	['yarn', ({ yarn }: Piece) => yarn.name],
	['fibre', ({ yarn }: Piece) => yarn.fibre],
	['colour', ({ yarn }: Piece) => yarn.colour],
	['lot', ({ yarn }: Piece) => yarn.lot],
	['grams in a ball', ({ yarn }: Piece) => yarn.gramsPerBall],
	['metres in a ball', ({ yarn }: Piece) => yarn.metresPerBall],
	['needle mm', ({ needleMm }: Piece) => needleMm],
	['stage', (_: Piece, one?: Measured) => one?.stage],
	['of', (_: Piece, one?: Measured) => one?.of],
	['width mm', (_: Piece, one?: Measured) => one?.widthMm],
	['height mm', (_: Piece, one?: Measured) => one?.heightMm],
	['stitches', (_: Piece, one?: Measured) => one?.stitches],
	['rows', (_: Piece, one?: Measured) => one?.rows],
	['grams', (_: Piece, one?: Measured) => one?.grams],
	['minutes', (_: Piece, one?: Measured) => one?.minutes],
	['day', (_: Piece, one?: Measured) => one?.on],
	['knitted from', ({ swatch }: Piece) => swatch]
] as const;
type Column = (typeof COLUMNS)[number][0];

/** Pieces as a table, a row for each measurement; a piece that was never measured has one of its own. */
export const piecesCsv = (pieces: readonly Piece[]): string =>
	csvOf(
		COLUMNS.map(([name]) => name),
		pieces.flatMap((piece) =>
			(piece.measured.length > 0 ? piece.measured : [undefined]).map((one) =>
				COLUMNS.map(([, cell]) => cell(piece, one) ?? '')
			)
		)
	);

/** Most pieces that come in at once. */
const MOST_PIECES = 500;

/** The pieces of a table as `piecesCsv` writes it; rows that say the same of a piece are one piece's. */
export function piecesFromCsv(text: string): Result<Piece[]> {
	const { data, meta } = Papa.parse<Record<string, string>>(text, {
		header: true,
		skipEmptyLines: 'greedy',
		transformHeader: (name) => name.trim().toLowerCase()
	});
	const wanted: readonly Column[] = [
		'piece',
		'stage',
		'of',
		'width mm',
		'height mm',
		'stitches',
		'rows',
		'day'
	];
	const absent = wanted.filter((name) => !meta.fields?.includes(name));
	if (absent.length > 0)
		return fault('unreadable', `This table has no column “${absent[0]}”. It needs: ${wanted.join(', ')}.`);
	const pieces = new Map<string, { about: unknown; measured: unknown[] }>();
	for (const [i, row] of data.entries()) {
		const cell = (name: Column) => cellText(row[name]?.trim() ?? '');
		const number = (name: Column) => Number(cell(name).replace(',', '.'));
		const optional = (name: Column, value: unknown) => (cell(name) === '' ? {} : { [name]: value });
		const about = {
			title: cell('piece'),
			swatch: row['knitted from'] === undefined ? '' : cellText(row['knitted from']),
			yarn: {
				name: cell('yarn'),
				fibre: cell('fibre'),
				gramsPerBall: number('grams in a ball') || USUAL_YARN.gramsPerBall,
				metresPerBall: number('metres in a ball') || USUAL_YARN.metresPerBall,
				...optional('colour', cell('colour')),
				...optional('lot', cell('lot'))
			},
			needleMm: number('needle mm') || USUAL_NEEDLE_MM
		};
		const key = JSON.stringify(about);
		const piece = pieces.get(key) ?? { about, measured: [] };
		pieces.set(key, piece);
		if (pieces.size > MOST_PIECES)
			return fault('size', `At most ${MOST_PIECES} pieces come in at once. Bring the table in in parts.`);
		if (cell('stage') === '') continue;
		piece.measured.push({
			...{ stage: cell('stage'), of: cell('of'), widthMm: number('width mm'), heightMm: number('height mm') },
			...{ stitches: number('stitches'), rows: number('rows'), on: cell('day') },
			...optional('grams', number('grams')),
			...optional('minutes', number('minutes'))
		});
		const read = parseShape(
			pieceShape,
			{ format: PIECE_FORMAT, ...about, measured: piece.measured.slice(-1) },
			'a measured piece'
		);
		if (!read.ok) return fault(read.error.code, `Row ${i + 2} of this table: ${read.error.message}`);
	}
	const read = [...pieces.values()].map(({ about, measured }) =>
		parseShape(pieceShape, { format: PIECE_FORMAT, ...(about as object), measured }, 'this table')
	);
	const wrong = read.find((one) => !one.ok);
	if (wrong && !wrong.ok) return wrong;
	if (read.length === 0) return fault('unreadable', 'This table has no row with a piece.');
	return good(read.flatMap((one) => (one.ok ? [one.value] : [])));
}

/** The pieces of a file: `pond-loop/piece@1` as JSON, one or a list of them, else a table. */
export function piecesFrom(text: string): Result<Piece[]> {
	if (!/^\s*[[{]/.test(text)) return piecesFromCsv(text);
	let value: unknown;
	try {
		value = JSON.parse(text);
	} catch {
		return fault('unreadable', 'This file begins like JSON, and is none. Bring in a piece, or a table.');
	}
	const list = Array.isArray(value) ? value.slice(0, MOST_PIECES) : [value];
	const read = list.map((one) => parseShape(pieceShape, one, 'a piece'));
	const wrong = read.find((one) => !one.ok);
	if (wrong && !wrong.ok) return wrong;
	return good(read.flatMap((one) => (one.ok ? [one.value] : [])));
}
