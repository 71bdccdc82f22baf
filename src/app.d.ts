import type { Teacher } from '$lib/server/store/teachers';

declare global {
	namespace App {
		interface Locals {
			teacher: Teacher;
		}
		interface Error {
			code: string;
			message: string;
		}
	}
}

export {};
