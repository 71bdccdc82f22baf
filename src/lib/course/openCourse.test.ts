import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { COURSE_FORMAT, type Course } from '$core/planning/course';
import type { CoursePage } from '$lib/wire/course';
import { OpenCourse } from './openCourse.svelte';

const course: Course = { format: COURSE_FORMAT, title: 'Reeds', lessons: ['a', 'b'], known: [], every: 7 };
const lessons = ['a', 'b', 'c'].map((id) => ({
	...{ id, title: id, minutes: 90, crossings: [] },
	level: 'improver' as const,
	medium: 'hand' as const
}));

describe('an open course', () => {
	/** what the server has */
	let kept: { version: number; course: Course };
	let open: OpenCourse;
	const page = (): CoursePage => ({ id: '1', ...kept, lessons, all: [] });

	beforeEach(() => {
		kept = { version: 1, course };
		vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
			const { base, document } = JSON.parse(body) as { base: number; document: Course };
			if (base !== kept.version)
				return {
					ok: false,
					json: async () => ({ error: { code: 'conflict', message: 'Another page changed it.' } })
				};
			kept = { version: base + 1, course: document };
			return { ok: true, json: async () => ({ version: kept.version }) };
		});
		open = new OpenCourse(page(), async () => open.take(page()));
	});
	afterEach(() => vi.unstubAllGlobals());

	it('shows what was done at once, and sends every step, however fast they come', async () => {
		const first = open.change({ title: 'Reeds and ropes' });
		const second = open.change({ lessons: ['b', 'a'] });
		expect(open.lessons.map(({ id }) => id)).toEqual(['b', 'a']);
		await Promise.all([first, second]);
		expect(kept.course).toEqual({ ...course, title: 'Reeds and ropes', lessons: ['b', 'a'] });
		expect([open.course, open.trouble]).toEqual([kept.course, null]);
	});

	it('lets what another page did stand, and says so', async () => {
		kept = { version: 2, course: { ...course, title: 'Theirs' } };
		await open.change({ title: 'Mine' });
		expect([open.course.title, open.trouble]).toEqual(['Theirs', 'Another page changed it.']);
		await open.change({ every: 14 });
		expect(kept.course).toEqual({ ...course, title: 'Theirs', every: 14 });
	});

	it('leaves standing what the page said meanwhile of something else', async () => {
		const sent = open.change({ title: 'Mine' });
		open.trouble = '“marmalade” is no cross.';
		await sent;
		expect([kept.course.title, open.trouble]).toEqual(['Mine', '“marmalade” is no cross.']);
		await open.change({ every: 14 });
		expect(open.trouble).toBeNull();
	});

	it('keeps what was done while the server is away, and sends it with the next step', async () => {
		const answering = fetch;
		vi.stubGlobal('fetch', async () => {
			throw new TypeError('away');
		});
		await open.change({ title: 'Mine' });
		expect([open.course.title, open.trouble]).toEqual(['Mine', expect.stringContaining('does not answer')]);
		vi.stubGlobal('fetch', answering);
		await open.change({ every: 14 });
		expect([kept.course, open.trouble]).toEqual([{ ...course, title: 'Mine', every: 14 }, null]);
	});
});
