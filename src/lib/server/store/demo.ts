import { keepDocuments } from '../../../../db/keep.mjs';
import { inTransaction } from '../pool';

/** When a night is over for the demo, on the clock of the database. */
const MORNING = "interval '4 hours'";

/**
 * Makes the demo anew: everything that visitors made of it goes, and it is as on its first day.
 *
 * @param documents what it holds then
 * @param when `tonight` only where that was not done since the last night; `now` in any case
 */
export async function renewDemo(documents: readonly unknown[], when: 'now' | 'tonight'): Promise<void> {
	await inTransaction(async (client) => {
		const { rows } = await client.query<{ id: string }>(
			`select id from teachers where demo and demo_loaded_at is not null
				and ($1 or demo_loaded_at < date_trunc('day', now() - ${MORNING}) + ${MORNING})
			for update`,
			[when === 'now']
		);
		for (const { id } of rows) {
			for (const table of HELD) await client.query(`delete from ${table} where owner = $1`, [id]);
			await keepDocuments(client, id, documents);
			await client.query(
				`update teachers set demo_loaded_at = now(), name = 'Demo teacher', settings = '{}' where id = $1`,
				[id]
			);
		}
	});
}

/** Where what a teacher has lies; what belongs to it goes along. */
const HELD = [
	...['courses', 'lessons', 'swatches', 'pieces', 'pictures'],
	...['keys', 'kept_crossings', 'chosen_readings', 'learner_classes']
];
