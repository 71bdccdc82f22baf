import { ESLint } from 'eslint';
import { expect, it } from 'vitest';

/** What lint says of a component of the shared pieces. */
async function said(markup: string): Promise<(string | null)[]> {
	const [{ messages }] = await new ESLint().lintText(markup, { filePath: 'src/lib/ui/Tried.svelte' });
	return messages.map(({ ruleId }) => ruleId).filter((id) => id === 'words/literal-text');
}

it.each([
	'<p>Put the needles down</p>',
	'<button aria-label="Close this message">×</button>',
	`<script lang="ts">\n	export const label = 'Two pages wrote here';\n</script>`,
	'<p>{`Kept by ${1 + 1} people`}</p>'
])('finds words that come from nowhere: %s', async (markup) =>
	expect(await said(markup)).toEqual(['words/literal-text'])
);

it.each([
	'<p class="flex items-center gap-x-2 text-sm">{1 + 1} × 3</p>',
	`<script lang="ts">\n	import Icon from './Icon.svelte';\n	const press = 'min-h-11 shrink-0 font-semibold underline';\n</script>\n<Icon name="x" class={press} />`,
	'<code>npm start -- --host 0.0.0.0</code>'
])('lets pass what nobody reads: %s', async (markup) => expect(await said(markup)).toEqual([]));
