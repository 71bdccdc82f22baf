import { renewDemo } from './store/demo';

const DOCUMENTS = Object.values(
	import.meta.glob<unknown>('/db/demo/*.json', { eager: true, import: 'default' })
);

/** How often it is looked whether a night has gone by. */
const LOOK_MS = 60_000;
let lookedAt = 0;

/** The demo as on its first day, after a press. */
export const demoAnew = (): Promise<void> => renewDemo(DOCUMENTS, 'now');

/** The demo as on its first day, where it was not made anew since the last night. */
export async function demoOfToday(): Promise<void> {
	if (Date.now() - lookedAt < LOOK_MS) return;
	lookedAt = Date.now();
	await renewDemo(DOCUMENTS, 'tonight');
}
