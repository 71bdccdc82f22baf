/** Where a browser says which language it reads, beside the Englishes that are chosen in the settings. */
export const LANGUAGE_COOKIE = 'pond_language';
export const PSEUDO = 'pseudo';

const ACCENTED: Readonly<Record<string, string>> = {
	...{ a: 'á', e: 'ë', i: 'î', o: 'ô', u: 'ü', y: 'ý', n: 'ñ', c: 'ç', s: 'š', z: 'ž' },
	...{ A: 'Á', E: 'Ë', I: 'Î', O: 'Ô', U: 'Ü', Y: 'Ý', N: 'Ñ', C: 'Ç', S: 'Š', Z: 'Ž' }
};
/** Languages that need room take about so many letters more than English. */
const LONGER = 0.4;

/** English as a language would look that has other letters and needs more room. */
export function pseudo(text: string): string {
	let owed = 0;
	return text.replace(/[A-Za-z]/g, (letter) => {
		const accented = ACCENTED[letter] ?? letter;
		owed += LONGER;
		// The vowels are drawn out, as words of such languages are.
		if (owed < 1 || !/[aeiou]/i.test(letter)) return accented;
		const more = Math.floor(owed);
		owed -= more;
		return accented.repeat(1 + more);
	});
}
