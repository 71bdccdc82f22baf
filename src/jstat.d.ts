/** What is used of a library that ships without types. */
declare module 'jstat' {
	const jstat: {
		readonly studentt: {
			/** The quantile of Student's t distribution: the value that a share `p` lies below. */
			inv(p: number, degreesOfFreedom: number): number;
		};
	};
	export default jstat;
}
