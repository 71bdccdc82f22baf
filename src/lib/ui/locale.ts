import { perLocale, supportedLocale } from '$core/locale';

/** Where nobody says how they write dates. */
const USUAL = 'en-GB';

/** Where a browser says which locale it writes dates in. */
export const LOCALE_COOKIE = 'pond_locale';

/**
 * The locale of a browser: what it said of itself, else the language it asks for first (RFC 9110, 12.5.4).
 *
 * @param said the value of its cookie
 * @param languages the header `Accept-Language`
 */
export function localeOf(said: string | undefined, languages: string | null): string {
	const asked = [said, languages?.split(',')[0].split(';')[0].trim()];
	return asked.map((locale) => supportedLocale(locale ?? '')).find((locale) => locale !== undefined) ?? USUAL;
}

/** The locale that this browser writes dates in, its own fields for them included; it is remembered for the server. */
export function ownLocale(): string {
	const { locale } = Intl.DateTimeFormat().resolvedOptions();
	document.cookie = `${LOCALE_COOKIE}=${locale}; path=/; max-age=31536000; samesite=lax`;
	return locale;
}

const moments = perLocale(
	(locale) =>
		new Intl.DateTimeFormat(locale, {
			day: 'numeric',
			month: 'short',
			hour: 'numeric',
			minute: '2-digit',
			second: '2-digit'
		})
);
const times = perLocale((locale) => new Intl.DateTimeFormat(locale, { hour: 'numeric', minute: '2-digit' }));
const starts = perLocale(
	(locale) =>
		new Intl.DateTimeFormat(locale, {
			weekday: 'long',
			day: 'numeric',
			month: 'long',
			hour: 'numeric',
			minute: '2-digit'
		})
);

/** A moment as a history tells it, with 12 or 24 hours as the reader has them. */
export const momentSaid = (at: string | number | Date, locale: string): string =>
	moments(locale).format(new Date(at));

/** The time of day, `19:31` or `7:31 PM`. */
export const timeSaid = (at: string | number | Date, locale: string): string =>
	times(locale).format(new Date(at));

/** A day and its hour, in words: a lesson's start, which is local time. */
export const startSaid = (start: string, locale: string): string =>
	starts(locale).format(new Date(`${start}:00`));

const days = perLocale((locale) => new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short' }));
/** The day of a local time, as short as a chart wants it. */
export const daySaid = (start: string, locale: string): string =>
	days(locale).format(new Date(`${start}:00`));
