import type { Practised } from '$core/practice/schedule';
import { MOST_LEARNERS, MOST_PRACTISED } from '$core/practice/schema';
import type { KeptLearnerClass, LearnerClass, PracticePage } from '$lib/wire/practice';
import { database, inTransaction } from '../pool';

/** Classes of one teacher, at most. */
export const MOST_CLASSES = 20;
/** The latest answers that a page is told: of a learner to herself, of each learner to her teacher, and of all of them. */
const MOST_OWN = 2_000;
const MOST_OF_EACH = 600;
const MOST_OF_ALL = 20_000;
/** Answers are kept for so long. */
const KEPT = "interval '400 days'";

/** The latest answers of a learner, by when they were given. */
const latest = (most: number) =>
	`(select record, at from practised where learner_id = learners.id order by at desc limit ${most}) as latest`;

/** The teacher's classes of learners, with what was practised in them lately. */
export async function learnerClasses(owner: string): Promise<KeptLearnerClass[]> {
	const { rows } = await database().query<KeptLearnerClass>(
		`with answers as materialized (
			select learners.id, record, at from learner_classes join learners on class_id = learner_classes.id,
				lateral ${latest(MOST_OF_EACH)}
			where owner = $1 order by at desc limit ${MOST_OF_ALL}
		), of_each as materialized (select id, jsonb_agg(record order by at) as practised from answers group by id)
		select id, about, (
			select coalesce(jsonb_agg(jsonb_build_object('id', learners.id, 'nickname', nickname, 'link', link,
				'practised', coalesce(practised, '[]')) order by made_at, learners.id), '[]')
			from learners left join of_each on of_each.id = learners.id where class_id = learner_classes.id
		) as learners
		from learner_classes where owner = $1 order by made_at, id`,
		[owner]
	);
	return rows;
}

/** Keeps a class, new or changed; `false` where the id is another teacher's, or she has as many as there may be. */
export async function keepLearnerClass(owner: string, id: string, about: LearnerClass): Promise<boolean> {
	return inTransaction(async (client) => {
		await client.query('select from teachers where id = $1 for update', [owner]);
		const { rowCount } = await client.query(
			`insert into learner_classes (id, owner, about)
			select $2, $1, $3 where (select count(*) from learner_classes where owner = $1 and id <> $2) < ${MOST_CLASSES}
			on conflict (id) do update set about = excluded.about where learner_classes.owner = $1`,
			[owner, id, about]
		);
		return rowCount === 1;
	});
}

/** Deletes a class with its learners and all that is theirs. */
export async function deleteLearnerClass(owner: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query('delete from learner_classes where owner = $1 and id = $2', [
		owner,
		id
	]);
	return rowCount === 1;
}

/**
 * Keeps a learner of a class under a nickname, and with a link; `missing` where the teacher has no such class, or the learner
 * is of another, `full` where the class has as many as there may be.
 *
 * @param link a new link, `null` to withdraw the one there is, nothing to leave it
 * @param fresh the link of a learner who is new
 */
export async function keepLearner(
	owner: string,
	classId: string,
	id: string,
	{ nickname, link, fresh }: { nickname?: string; link?: string | null; fresh: string }
): Promise<'kept' | 'missing' | 'full'> {
	return inTransaction(async (client) => {
		const held = await client.query<{ count: number }>(
			`select (select count(*)::int from learners where class_id = $2) as count
			from learner_classes where owner = $1 and id = $2 for update`,
			[owner, classId]
		);
		if (held.rows.length === 0) return 'missing';
		const changed = await client.query(
			`update learners set nickname = coalesce($3, nickname), link = case when $4 then $5 else link end
			where class_id = $1 and id = $2`,
			[classId, id, nickname ?? null, link !== undefined, link ?? null]
		);
		if (changed.rowCount === 1) return 'kept';
		if (nickname === undefined) return 'missing';
		if (held.rows[0].count >= MOST_LEARNERS) return 'full';
		const { rowCount } = await client.query(
			`insert into learners (id, class_id, nickname, link) values ($2, $1, $3, $4) on conflict (id) do nothing`,
			[classId, id, nickname, fresh]
		);
		return rowCount === 1 ? 'kept' : 'missing';
	});
}

/** Deletes a learner with all that is hers. */
export async function deleteLearner(owner: string, classId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`delete from learners using learner_classes
		where learners.id = $3 and class_id = $2 and learner_classes.id = class_id and owner = $1`,
		[owner, classId, id]
	);
	return rowCount === 1;
}

/** Whose page a link opens; `null` where it was withdrawn, or never was. */
export async function learnerBehind(link: string): Promise<Omit<PracticePage, 'link'> | null> {
	const { rows } = await database().query<Omit<PracticePage, 'link'>>(
		`select learners.id as learner, nickname, name as by, about,
			(select coalesce(jsonb_agg(record order by at), '[]') from ${latest(MOST_OWN)}) as practised
		from learners join learner_classes on learner_classes.id = class_id join teachers on teachers.id = owner
		where link = $1`,
		[link]
	);
	return rows.at(0) ?? null;
}

/** Keeps what a learner answered, once however often it comes; `false` where her link opens nothing any more. */
export async function keepPractised(link: string, id: string, practised: Practised): Promise<boolean> {
	const { rows } = await database().query(
		`with hers as (
			select id, greatest(now() - ${KEPT}, (select at from practised where learner_id = learners.id
				order by at desc offset ${MOST_PRACTISED - 1} limit 1)) as too_old
			from learners where link = $1
		),
		old as (delete from practised using hers where learner_id = hers.id and at <= too_old),
		kept as (insert into practised (id, learner_id, record, at)
			select $2, id, $3, to_timestamp($4::float8 / 1000) from hers on conflict (id) do nothing)
		select from hers`,
		[link, id, practised, practised.at]
	);
	return rows.length === 1;
}
