import type { Course, CourseLesson } from '$core/planning/course';
import { deleteAt, postJson, sendJson } from '$lib/client/requests';
import { courseAt, courseDatesAt, type CoursePage } from '$lib/wire/course';

/**
 * A course as its page shows it: what is done here shows at once, and is sent one step after another. Where another page
 * changed it meanwhile the server's stands, and the page says so.
 */
export class OpenCourse {
	readonly id: string;
	course = $state.raw<Course>()!;
	/** what went wrong last, in words for the page */
	trouble = $state<string | null>(null);
	#lessons = $state.raw<readonly CourseLesson[]>([]);
	/** its lessons that are not put away, in its order */
	readonly lessons: readonly CourseLesson[] = $derived(
		this.course.lessons.flatMap((id) => this.#lessons.filter((lesson) => lesson.id === id))
	);
	#version = 0;
	#sending: Promise<void> = Promise.resolve();
	#unsent: Course | null = null;

	/** @param reload has the page loaded anew; what comes goes to `take` */
	constructor(
		page: CoursePage,
		readonly reload: () => Promise<void>
	) {
		this.id = page.id;
		this.take(page);
	}

	/** Takes the course as the server has it; what was done here since stays. */
	take({ version, course, lessons }: CoursePage): void {
		this.#version = version;
		this.#lessons = lessons;
		if (!this.#unsent) this.course = course;
	}

	/** Changes the course here, and sends it after what was done before. */
	change(fields: Partial<Course>): Promise<void> {
		this.trouble = null;
		this.course = { ...this.course, ...fields };
		this.#unsent = this.course;
		this.#sending = this.#sending.then(() => this.#send());
		return this.#sending;
	}

	/** Gives the first lesson its day and hour, local time to the minute; the others follow. */
	async setDates(starts: string): Promise<void> {
		this.trouble = await postJson(courseDatesAt(this.id), { starts });
		await this.reload();
	}

	/** Takes the course away; false where that did not work. Its lessons stay. */
	async remove(): Promise<boolean> {
		this.trouble = await deleteAt(courseAt(this.id));
		return this.trouble === null;
	}

	async #send(): Promise<void> {
		const document = this.#unsent;
		// A later step sent this one along.
		if (!document) return;
		const answer = await sendJson(courseAt(this.id), { base: this.#version, document });
		if (!answer.ok) this.trouble = answer.error.message;
		// What nobody answered goes along with the next step.
		if (!answer.ok && answer.error.code === 'away') return;
		if (answer.ok) this.#version++;
		if (!answer.ok || this.#unsent === document) this.#unsent = null;
		await this.reload();
	}
}
