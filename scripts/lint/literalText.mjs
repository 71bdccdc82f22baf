/** Attributes that somebody reads or hears. */
const READ = new Set([
	'aria-label',
	'aria-description',
	'title',
	'alt',
	'placeholder',
	'label',
	'legend',
	'says'
]);
const LETTERS = /\p{L}{2}/u;
/** The name of the product, and names of crosses, are the same everywhere. */
const OURS = /Pond Loop|\d\/\d(?:\/\d)? [A-Z]{2,3}|\b[CT]\d+[FB]\b/g;
/** A word with a capital by itself, or words in a row that are no classes of a style sheet. */
const WORDS =
	/^[“"]?\p{Lu}[\p{Ll}’]+(?:[ .,:…!?].*)?$|(?:^| )[\p{Ll}’]{2,},? [\p{Ll}’]{2,},? [\p{Ll}’]{2,}(?: |[.,:…!?]|$)/u;

/** @param {any} node @param {(one: any) => boolean} is */
const within = (node, is) => {
	for (let one = node.parent; one; one = one.parent) if (is(one)) return true;
	return false;
};
const isOf = (/** @type {any} */ one, /** @type {string[]} */ names) =>
	one.type === 'SvelteElement' && names.includes(one.name?.name);

/**
 * What readers see comes from the catalogue (`src/messages`), so that it can be said otherwise, and is all in one voice.
 * @type {import('eslint').Rule.RuleModule}
 */
export const literalText = {
	meta: {
		type: 'problem',
		messages: { literal: 'A reader sees “{{text}}”: say it from the catalogue, src/messages.' }
	},
	create(context) {
		const report = (/** @type {any} */ node, /** @type {string} */ text) =>
			context.report({ node, messageId: 'literal', data: { text: text.trim().slice(0, 60) } });
		const inCode = (/** @type {any} */ node) => within(node, (one) => isOf(one, ['code', 'kbd']));
		return /** @type {any} */ ({
			SvelteText(/** @type {any} */ node) {
				if (node.parent.type === 'SvelteStyleElement' || inCode(node)) return;
				if (LETTERS.test(node.value.replace(OURS, ''))) report(node, node.value);
			},
			SvelteLiteral(/** @type {any} */ node) {
				const read = node.parent.type === 'SvelteAttribute' && READ.has(node.parent.key.name);
				if (read && LETTERS.test(node.value.replace(OURS, ''))) report(node, node.value);
			},
			Literal(/** @type {any} */ node) {
				if (typeof node.value !== 'string' || !WORDS.test(node.value)) return;
				const styled = (/** @type {any} */ one) =>
					/^Import|^ExportAll/.test(one.type) ||
					(one.type === 'SvelteAttribute' && one.key.name === 'class') ||
					(one.type === 'SvelteDirective' && one.kind === 'Class');
				if (!within(node, styled)) report(node, node.value);
			},
			TemplateElement(/** @type {any} */ node) {
				if (WORDS.test(node.value.raw.trim())) report(node, node.value.raw);
			}
		});
	}
};
