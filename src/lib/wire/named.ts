/** A lesson, a swatch or a course by its name alone. */
export interface Named {
	readonly id: string;
	readonly title: string;
}
