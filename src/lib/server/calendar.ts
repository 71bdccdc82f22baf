import ical, { ICalEventClass } from 'ical-generator';
import type { Course, CourseLesson } from '$core/planning/course';

/** The name of a calendar, which the library writes as it comes (RFC 5545, 3.3.11). */
const inOneLine = (title: string): string => title.replace(/\p{Cc}+/gu, ' ').replace(/[\\;,]/g, '\\$&');

/** Lessons that have a day as an iCalendar file (RFC 5545): local time, wherever the calendar is read. */
export function calendarOf(
	{ title, place }: Pick<Course, 'title' | 'place'>,
	lessons: readonly CourseLesson[]
): string {
	const calendar = ical({ name: inOneLine(title), prodId: { company: 'Pond Loop', product: 'Courses' } });
	for (const [i, { id, title: own, minutes, starts, crossings }] of lessons.entries()) {
		if (!starts) continue;
		// Floating times have no zone: what the clock on the wall says is told as if it were UTC.
		const start = new Date(`${starts}:00Z`);
		calendar.createEvent({
			id: `${id}@pond-loop`,
			summary: `${own || 'Lesson'} (${title.trim() || 'course'}, ${i + 1} of ${lessons.length})`,
			...(place ? { location: place.replace(/\p{Cc}+/gu, ' ') } : {}),
			start,
			end: new Date(start.getTime() + minutes * 60_000),
			floating: true,
			class: ICalEventClass.PUBLIC,
			description: crossings.map(({ name }) => name).join(', ')
		});
	}
	return calendar.toString();
}
