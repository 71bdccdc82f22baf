/** Where nobody says how they write dates. */
const USUAL = 'en-GB';

/**
 * The locale that a browser asks for first (RFC 9110, 12.5.4): what its own fields for dates and times go by as well.
 *
 * @param languages the header `Accept-Language`
 */
export function localeAsked(languages: string | null): string {
	const first = languages?.split(',')[0].split(';')[0].trim() ?? '';
	try {
		return Intl.DateTimeFormat.supportedLocalesOf(first)[0] ?? USUAL;
	} catch {
		return USUAL;
	}
}

/** A moment as a history tells it, with 12 or 24 hours as the reader has them. */
export const momentSaid = (at: string | number | Date, locale: string): string =>
	new Date(at).toLocaleString(locale, {
		day: 'numeric',
		month: 'short',
		hour: 'numeric',
		minute: '2-digit',
		second: '2-digit'
	});

/** The time of day, `19:31` or `7:31 PM`. */
export const timeSaid = (at: string | number | Date, locale: string): string =>
	new Date(at).toLocaleTimeString(locale, { hour: 'numeric', minute: '2-digit' });

/** A day and its hour, in words: a lesson's start, which is local time. */
export const startSaid = (starts: string, locale: string): string =>
	new Date(`${starts}:00`).toLocaleString(locale, {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		hour: 'numeric',
		minute: '2-digit'
	});
