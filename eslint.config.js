import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import { literalText } from './scripts/lint/literalText.mjs';
import { UNSAID } from './scripts/lint/unsaid.mjs';
import svelteConfig from './svelte.config.js';

// Components, and modules with runes; `oxlint` looks at everything else in a fraction of the time.
export default ts.config(
	{ ignores: ['build/', '.svelte-kit/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: { 'no-undef': 'off' }
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: {
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig
			}
		}
	},
	{
		files: ['src/**/*.svelte'],
		ignores: UNSAID,
		plugins: { words: { rules: { 'literal-text': literalText } } },
		rules: { 'words/literal-text': 'error' }
	}
);
