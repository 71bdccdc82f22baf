import { addMessages, rendered, type Param, type Reader } from './catalogue';
import type { Messages } from './ids';

/** The messages of one room: those of its file. */
type IdsOf<Room extends string> = Extract<keyof Messages, `${Room}-${string}`>;

/** Says a message of a room; what it is told with goes by the message. */
export type Say<Room extends string> = <Id extends IdsOf<Room>>(
	id: Id,
	...params: Messages[Id] extends null ? [] : [params: Messages[Id]]
) => string;

/** Whose settings a page is in, as they are now. */
interface Here {
	readonly value: Reader;
}

/**
 * A room's messages, in the words of whoever reads. A file of messages comes along with the room that says them.
 *
 * @param text the file, as it is imported
 */
export function room<Room extends string>(text: string): (here: Here) => Say<Room> {
	addMessages(text);
	return (here) =>
		(id, ...[params]) =>
			rendered(id, params as Readonly<Record<string, Param>> | undefined, here.value);
}
