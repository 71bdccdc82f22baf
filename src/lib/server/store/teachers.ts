import { DEFAULT_SETTINGS, type SentSettings, type Settings } from '$lib/wire/settings';
import { database } from '../pool';

/** A teacher as every request knows them. */
export interface Teacher {
	readonly id: string;
	readonly name: string;
	/** opened by one press, without a password */
	readonly demo: boolean;
	readonly settings: Settings;
}

/**
 * A teacher with whole settings: what is not kept is as at first. What is kept went in through `settingsShape`; whoever
 * changes that shape changes what is kept with it, in a migration.
 */
export const teacherOf = ({
	id,
	name,
	demo,
	settings
}: Omit<Teacher, 'settings'> & { readonly settings: Partial<Settings> }): Teacher => ({
	id,
	name,
	demo,
	settings: { ...DEFAULT_SETTINGS, ...settings }
});

/** Keeps a teacher’s settings in place of those she had. */
export async function keepSettings(teacher: string, settings: SentSettings): Promise<void> {
	await database().query('update teachers set settings = $2 where id = $1', [teacher, settings]);
}

/** Whether a teacher has made anything here yet: a lesson, a swatch, a piece, a key or a kept cross. */
export async function hasWork(teacher: string): Promise<boolean> {
	const { rows } = await database().query<{ has: boolean }>({
		name: 'has-work',
		text: `select exists (select from lessons where owner = $1) or exists (select from swatches where owner = $1)
			or exists (select from pieces where owner = $1)
			or exists (select from keys where owner = $1) or exists (select from kept_crossings where owner = $1) as has`,
		values: [teacher]
	});
	return rows[0].has;
}

/** True when the database answers. */
export async function answers(): Promise<boolean> {
	try {
		const { rows } = await database().query<{ up: number }>({ name: 'up', text: 'select 1 as up' });
		return rows[0].up === 1;
	} catch {
		return false;
	}
}
