import type { Course, CourseLesson } from '$core/planning/course';
import type { KeptCourse } from '$lib/wire/course';
import { database } from '../pool';

/** The teacher's courses, the one changed last first. */
export async function listCourses(owner: string): Promise<KeptCourse[]> {
	const { rows } = await database().query<KeptCourse>({
		name: 'list-courses',
		text: `select id, version, document as course from courses
			where owner = $1 and removed_at is null order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

/** A course with those of its lessons that are not put away, in its order. */
export async function findCourse(
	owner: string,
	id: string
): Promise<(KeptCourse & { lessons: CourseLesson[] }) | null> {
	const { rows } = await database().query<KeptCourse>(
		'select id, version, document as course from courses where owner = $1 and id = $2 and removed_at is null',
		[owner, id]
	);
	if (rows.length === 0) return null;
	const [kept] = rows;
	const { rows: lessons } = await database().query<CourseLesson>(
		`select id, document->>'title' as title, document->>'level' as level, document->>'medium' as medium, (document->>'minutes')::int as minutes, document->>'starts' as starts,
			document->'crossings' as crossings
		from lessons join unnest($2::text[]) with ordinality as wanted (wanted, place) on wanted = id::text
		where owner = $1 and removed_at is null order by place`,
		[owner, kept.course.lessons]
	);
	return { ...kept, lessons };
}

/** Keeps a new course; one that is there already under this id stays as it is. */
export async function addCourse(owner: string, id: string, course: Course): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into courses (id, owner, document) values ($2, $1, $3)
		on conflict (id) do update set document = courses.document where courses.owner = $1`,
		[owner, id, course]
	);
	return rowCount === 1;
}

/** Keeps a course that grew from a version; the version it has now, or `null` where another page kept it meanwhile. */
export async function keepCourse(
	owner: string,
	id: string,
	base: number,
	course: Course
): Promise<number | null> {
	const { rows } = await database().query<{ version: number }>(
		`update courses set document = $4, version = version + 1, changed_at = now()
		where owner = $1 and id = $2 and version = $3 and removed_at is null returning version`,
		[owner, id, base, course]
	);
	return rows.at(0)?.version ?? null;
}

/** Takes a course away, or brings it back; its lessons stay. */
export async function removeCourse(owner: string, id: string, removed: boolean): Promise<boolean> {
	const { rowCount } = await database().query(
		'update courses set removed_at = case when $3 then now() end where owner = $1 and id = $2',
		[owner, id, removed]
	);
	return rowCount === 1;
}
