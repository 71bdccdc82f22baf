import type { Teacher } from '$lib/server/store/teachers';

/** The database does not answer, one teacher asks for too much at once, a disk has no room, or an id is another thing's. */
type Need = 'away' | 'busy' | 'full' | 'taken';

declare global {
	namespace App {
		interface Locals {
			/** who asks; the hooks let nobody reach a route without one, but for the open ones */
			teacher: Teacher;
			/** answering failed because something is missing that comes back */
			need?: Need;
		}
		interface PageData {
			/** the page's document is more than the server draws in a moment: the browser does it */
			large?: boolean;
		}
		interface Error {
			code: string;
			message: string;
		}
	}
}

export {};
