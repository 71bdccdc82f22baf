import Papa from 'papaparse';

/** What a spreadsheet would reckon out instead of showing it; or what looks as if it had been marked, so that it is marked as well. */
const FORMULA = /^'*[=+\-@\t\r]/;

/** Rows of cells as CSV (RFC 4180); what a spreadsheet would take for a formula is marked as text with an apostrophe. */
export const csvOf = (
	columns: readonly string[],
	rows: readonly (readonly unknown[])[],
	newline = '\r\n'
): string =>
	Papa.unparse(
		{ fields: [...columns], data: rows.map((row) => [...row]) },
		{ escapeFormulae: FORMULA, newline }
	);

/** A cell as it was before it was marked. */
export const cellText = (cell: string): string =>
	cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
