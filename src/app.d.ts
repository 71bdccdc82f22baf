import type { Teacher } from '$lib/server/store/teachers';

declare global {
	namespace App {
		interface Locals {
			/** who asks; the hooks let nobody reach a route without one, but for the open ones */
			teacher: Teacher;
			/** answering failed because the database is away */
			away?: boolean;
		}
		interface Error {
			code: string;
			message: string;
		}
	}
}

export {};
