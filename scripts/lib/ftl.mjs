/** A file of messages (Fluent) as a module: its text. Comments are for whoever writes, and stay behind. */
export const moduleOf = (/** @type {string} */ text) =>
	`export default ${JSON.stringify(text.replace(/^#.*\n?/gm, ''))};`;

/**
 * Lets Vite import files of messages.
 * @returns {import('vite').Plugin}
 */
export const ftl = () => ({
	name: 'ftl',
	enforce: 'pre',
	transform: (text, id) => (id.endsWith('.ftl') ? { code: moduleOf(text), map: null } : null)
});
