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

const numbers = perLocale((locale) =>
	[0, 1, 2, 3].map((places) => new Intl.NumberFormat(locale, { maximumFractionDigits: places }))
);
const clocks = perLocale(
	(locale) => new Intl.DateTimeFormat(locale, { hour: 'numeric', minute: '2-digit', timeZone: 'UTC' })
);

/** A number with at most so many places behind the point, or the comma, up to three, as the reader writes it. */
export const numberSaid = (number: number, locale = 'en', places = 1): string =>
	numbers(locale)[places].format(number);

/** A time of day, so many minutes after midnight, with 12 or 24 hours as the reader has them. */
export const clockSaid = (minutes: number, locale: string): string =>
	clocks(locale).format(Date.UTC(2000, 0, 1, 0, minutes));
