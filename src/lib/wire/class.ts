import type { ClassRecord } from '$core/teaching/classRecord';

/** The record of a class under its id. */
export interface KeptClass {
	readonly id: string;
	readonly record: ClassRecord;
}
