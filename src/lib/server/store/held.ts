import { database } from '../pool';

/** How much of the disk a teacher's things take, in bytes, as they are stored. */
export async function bytesHeld(owner: string): Promise<number> {
	const { rows } = await database().query<{ held: string }>({
		name: 'bytes-held',
		text: `select
			(select coalesce(sum(pg_column_size(document) + pg_column_size(original) + coalesce(pg_column_size(taught), 0)), 0)
				from lessons where owner = $1)
			+ (select coalesce(sum(pg_column_size(change)), 0)
				from lesson_changes join lessons on lessons.id = lesson_id where owner = $1)
			+ (select coalesce(sum(pg_column_size(record)), 0) from classes where owner = $1)
			+ (select coalesce(sum(pg_column_size(lesson)), 0) from followings where owner = $1)
			+ (select coalesce(sum(pg_column_size(record)), 0) from practised join learners on learners.id = learner_id
				join learner_classes on learner_classes.id = class_id where owner = $1)
			+ (select coalesce(sum(pg_column_size(document)), 0) from swatches where owner = $1)
			+ (select coalesce(sum(pg_column_size(swatch_versions.document)), 0)
				from swatch_versions join swatches on swatches.id = swatch_id where owner = $1)
			+ (select coalesce(sum(pg_column_size(event)), 0)
				from counter_events join swatches on swatches.id = swatch_id where owner = $1)
			+ (select coalesce(sum(pg_column_size(document)), 0) from courses where owner = $1)
			+ (select coalesce(sum(pg_column_size(about)), 0) from pieces where owner = $1)
			+ (select coalesce(sum(pg_column_size(record)), 0)
				from measurements join pieces on pieces.id = piece_id where owner = $1)
			+ (select coalesce(sum(pg_column_size(text)), 0) from keys where owner = $1)
			+ (select coalesce(sum(pg_column_size(crossing) + pg_column_size(saying)), 0)
				from kept_crossings where owner = $1)
			+ (select coalesce(sum(octet_length(bytes)), 0) from pictures where owner = $1)
			+ (select coalesce(sum(octet_length(bytes)), 0) from jobs where owner = $1) as held`,
		values: [owner]
	});
	return Number(rows[0].held);
}
