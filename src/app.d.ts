import type { Need } from '$lib/server/need';
import type { Teacher } from '$lib/server/store/teachers';

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
			/** how its reader writes numbers and dates, and whether the catalogue shows what does not come from it */
			locale?: string;
			pseudo?: boolean;
		}
		interface Error {
			code: string;
			message: string;
		}
	}
}

export {};
