/** Making a formatter takes longer than all that is formatted with it, so each is made once. */
const MOST_KEPT = 64;

/** Something of its own for each locale, made when it is first asked for. */
export function perLocale<Made>(make: (locale: string) => Made): (locale: string) => Made {
	const made = new Map<string, Made>();
	return (locale) => {
		let one = made.get(locale);
		if (one === undefined) {
			if (made.size >= MOST_KEPT) made.clear();
			made.set(locale, (one = make(locale)));
		}
		return one;
	};
}

/** A locale that this machine writes, or one near to it; `undefined` for what is none. */
export const supportedLocale = perLocale((locale): string | undefined => {
	try {
		return locale ? Intl.DateTimeFormat.supportedLocalesOf(locale)[0] : undefined;
	} catch {
		return undefined;
	}
});

const numbers = perLocale((locale) =>
	[0, 1, 2, 3].map((places) => new Intl.NumberFormat(locale, { maximumFractionDigits: places }))
);
const clocks = perLocale(
	(locale) => new Intl.DateTimeFormat(locale, { hour: 'numeric', minute: '2-digit', timeZone: 'UTC' })
);

/** A number with at most so many places behind the point, or the comma, up to three, as the reader writes it. */
export const numberSaid = (number: number, locale = 'en', places = 1): string =>
	numbers(locale)[places].format(number);

/** How numbers are written in a locale: its digits, and what stands between thousands and before the places. */
const written = perLocale((locale) => {
	const format = new Intl.NumberFormat(locale, { useGrouping: true });
	const parts = format.formatToParts(1_234_567.8);
	const sign = (type: string) => parts.find((part) => part.type === type)?.value ?? '';
	const digits = Array.from({ length: 10 }, (_, n) =>
		new Intl.NumberFormat(locale, { useGrouping: false }).format(n)
	);
	return { digits, group: sign('group'), decimal: sign('decimal') || '.' };
});

/** A sentence whose numbers have a point, with the decimal sign that the reader writes. */
export const pointsIn = (text: string, locale = 'en'): string =>
	text.replace(/(?<=\d)\.(?=\d)/g, written(locale).decimal);

/**
 * The number that somebody typed, as their locale writes it, or with a plain point or comma: `1,500` is 1500 in English and
 * 1.5 in German. `null` where it is none.
 */
export function numberTyped(text: string, locale = 'en'): number | null {
	const { digits, group, decimal } = written(locale);
	const plain = [...text.trim()].map((letter) =>
		digits.includes(letter) ? String(digits.indexOf(letter)) : letter
	);
	const spaced = plain
		.join('')
		.replace(/[\s\u00a0\u202f]/g, ' ')
		.replace(/’/g, "'");
	const between = group.replace(/[\s\u00a0\u202f]/g, ' ').replace(/’/g, "'");
	const grouped = between === '' ? spaced : withoutGroups(spaced, between, decimal);
	const said = grouped.replace(decimal, '.').replace(',', '.');
	return /^-?\d+(?:\.\d*)?$/.test(said) ? Number(said) : null;
}

/** A number without what stands between its thousands, where that stands between thousands. */
function withoutGroups(text: string, group: string, decimal: string): string {
	const [whole, ...places] = group === decimal ? [text] : text.split(decimal);
	const groups = whole.split(group);
	// By threes, or as in India by twos but for the last.
	const isGrouped =
		groups.length > 1 &&
		/^\d{1,3}$/.test(groups[0]) &&
		/^\d{3}$/.test(groups[groups.length - 1]) &&
		groups.slice(1, -1).every((one) => /^\d{2,3}$/.test(one));
	return [isGrouped ? groups.join('') : whole, ...places].join(decimal);
}

/** A time of day, so many minutes after midnight, with 12 or 24 hours as the reader has them. */
export const clockSaid = (minutes: number, locale: string): string =>
	clocks(locale).format(Date.UTC(2000, 0, 1, 0, minutes));
