/** A file of messages, as text. */
declare module '*.ftl' {
	const text: string;
	export default text;
}
