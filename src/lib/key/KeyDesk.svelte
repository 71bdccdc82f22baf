<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { onMount, untrack } from 'svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { printKey } from '$core/formats/key';
	import { readKey, withoutDoubles } from '$core/naming/key';
	import { keyGroups } from '$core/naming/keyGroups';
	import Dialog from '$lib/ui/Dialog.svelte';
	import { KeyPast } from './keyPast.svelte';
	import { SAMPLE } from './sample';
	import type { KeptKey } from '$lib/wire/bench';
	import KeyLineView from './KeyLineView.svelte';
	import { fileName, save } from '$lib/ui/save';
	import { textOf } from '$lib/ui/fileText';
	import { newId } from '$lib/client/id';
	import { OpenMemory } from '$lib/client/memory.svelte';
	import { useKeys } from '$lib/ui/keys.svelte';
	import FileField from '$lib/ui/FileField.svelte';
	import type { KeyPage } from '$lib/wire/bench';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';
	import { key } from '$lib/words/key';
	import { shell } from '$lib/words/shell';

	/** The names of a pattern, each checked against its own words. */
	let { data }: { data: KeyPage } = $props();

	const settings = getSettings();
	const place = shell(settings);
	const shared = ui(settings);
	const say = key(settings);
	const memory = untrack(() => new OpenMemory(data.memory));
	onMount(() => memory.watch());

	const fresh = (): KeptKey => ({ keyId: newId(), title: '', text: '', inUse: true });
	/** the key that is open; until one is chosen, the one changed last */
	let chosen = $state<string | null>(untrack(() => page.url.searchParams.get('open')));
	/** a key that was begun and has nothing in it yet */
	let begun = $state.raw<KeptKey>(fresh());
	let removed = $state.raw<KeptKey | null>(null);
	let said = $state<string | null>(null);
	let text = $state<HTMLTextAreaElement>();
	let looking = $state(false);

	const open = $derived(
		memory.keys.find(({ keyId }) => keyId === chosen) ??
			(chosen === begun.keyId ? begun : (memory.keys[0] ?? begun))
	);
	const lines = $derived(withoutDoubles(readKey(open.text)));
	const settled = $derived(lines.filter(({ fault, readings }) => !fault && readings.length === 1).length);
	const groups = $derived(keyGroups(lines));
	const GROUPS = ['look', 'read', 'none'] as const;
	const counts = $derived(
		(['read', 'look', 'none'] as const)
			.filter((of) => groups[of].length > 0)
			.map((of) => say(`key-count-${of}`, { count: groups[of].length }))
	);
	/** what this page changed, to be taken back one after the other, and to be done again */
	const past = new KeyPast();

	/** @param as what is done: typing on in one field is one change */
	function change(fields: Partial<KeptKey>, as = Object.keys(fields)[0]) {
		past.remember(open, as);
		keep(fields);
	}

	function keep(fields: Partial<KeptKey>) {
		const next = { ...open, ...fields };
		chosen = next.keyId;
		memory.keepKey(next, `key ${next.keyId}`);
	}

	function begin() {
		begun = fresh();
		chosen = begun.keyId;
		text?.focus();
	}

	function mend(line: number, mended: string) {
		const lines = open.text.split('\n').map((old, i) => (i === line - 1 ? mended : old));
		change({ text: lines.join('\n') }, `mend ${line} ${mended}`);
	}

	function remove() {
		removed = open;
		memory.keepKey({ ...open, removed: true });
		chosen = null;
	}

	async function bringIn(file: File) {
		const { keyFromFile } = await import('./keyFile');
		const text = await textOf(file, shared);
		const read = text.ok ? keyFromFile(text.value, file.name.replace(/\.\w+$/, ''), say) : text;
		said = read.ok
			? say('key-imported', { title: read.value.title || say('key-untitled') })
			: read.error.message;
		if (!read.ok) return;
		const next = { ...fresh(), ...read.value };
		memory.keepKey(next);
		chosen = next.keyId;
	}

	async function csv() {
		const { printKeyCsv } = await import('./keyFile');
		save(printKeyCsv(open), `${fileName(open.title || say('key-file'))}.csv`, 'text/csv;charset=utf-8');
	}

	const back = (was: KeptKey | null) => was && keep(was);

	useKeys([
		{ key: 'n', cap: 'N', says: say('key-key-new'), run: begin },
		{ key: 'z', cap: 'Z', says: say('key-key-undo'), run: () => back(past.undo(open)) },
		{ key: 'y', cap: 'Y', says: say('key-key-redo'), run: () => back(past.redo(open)) }
	]);
</script>

<svelte:head><title>{place('shell-abbreviations')} · Pond Loop</title></svelte:head>

<div class="desk">
	<section class="grid content-start gap-4 px-4 py-6 sm:px-7" aria-label={say('key-region')}>
		<div class="flex flex-wrap items-center justify-between gap-3">
			<div>
				<h1 class="text-3xl">{place('shell-abbreviations')}</h1>
				<p class="mt-1 text-quiet">{say('key-lead')}</p>
			</div>
		</div>
		{#if memory.keys.length > 0}
			<div class="flex flex-wrap gap-2" role="group" aria-label={say('key-lists')}>
				{#each memory.keys as { keyId, title, inUse } (keyId)}
					<button
						type="button"
						class="btn {keyId === open.keyId ? 'btn-outline' : ''}"
						aria-pressed={keyId === open.keyId}
						onclick={() => (chosen = keyId)}
					>
						{title || say('key-untitled')}
						{#if inUse}<span class="text-sm font-normal">{say('key-in-use')}</span>{/if}
					</button>
				{/each}
				<button type="button" class="btn" onclick={begin}
					><Icon name="plus" size={18} /> {say('key-new')}</button
				>
			</div>
		{/if}
		<label>
			<span class="mb-1 block text-quiet">{say('key-pattern')}</span>
			<input
				class="input font-serif text-xl font-semibold"
				value={open.title}
				maxlength="200"
				autocomplete="off"
				oninput={(event) => change({ title: event.currentTarget.value })}
			/>
		</label>
		<label>
			<span class="mb-1 block text-quiet">{say('key-text')}</span>
			<textarea
				bind:this={text}
				class="textarea min-h-72 font-mono leading-relaxed"
				value={open.text}
				maxlength="100000"
				spellcheck="false"
				placeholder={SAMPLE}
				oninput={(event) => change({ text: event.currentTarget.value })}></textarea>
		</label>
		<label class="flex min-h-11 items-center gap-2.5">
			<input
				type="checkbox"
				class="size-5 accent-current"
				checked={open.inUse}
				onchange={(event) => change({ inUse: event.currentTarget.checked })}
			/>
			{say('key-use')}
		</label>
		<div class="flex flex-wrap gap-2">
			<FileField
				label={say('key-import')}
				accept=".json,.csv,.txt"
				onfile={async (file) => void bringIn(file)}
			/>
			<button
				type="button"
				class="btn"
				disabled={lines.length === 0}
				onclick={() =>
					save(
						JSON.stringify(printKey(open), null, 2),
						`${fileName(open.title || say('key-file'))}.json`,
						'application/json'
					)}
			>
				{say('key-download-json')}
			</button>
			<button type="button" class="btn" disabled={lines.length === 0} onclick={csv}
				>{say('key-download-csv')}</button
			>
			<button type="button" class="btn" disabled={!past.canUndo(open)} onclick={() => back(past.undo(open))}>
				<Icon name="undo" size={18} />
				{shared('ui-undo')}
			</button>
			<button type="button" class="btn" disabled={!past.canRedo(open)} onclick={() => back(past.redo(open))}>
				<Icon name="redo" size={18} />
				{say('key-redo')}
			</button>
			<button type="button" class="btn" onclick={() => (looking = true)}>{say('key-history')}</button>
			<button type="button" class="btn" disabled={open.text === '' && open.title === ''} onclick={remove}
				>{say('key-delete')}</button
			>
		</div>
		<p role="status">
			{said ?? ''}
			{#if removed}
				{say('key-deleted', { title: removed.title || say('key-untitled') })}
				<button
					type="button"
					class="min-h-10 font-semibold underline"
					onclick={() => {
						const back = { ...removed!, removed: false };
						memory.keepKey(back);
						chosen = back.keyId;
						removed = null;
					}}>{shared('ui-undo')}</button
				>
			{/if}
		</p>
	</section>
	<section class="border-l border-hairline bg-base-100 px-4 py-6 sm:px-7" aria-label={say('key-results')}>
		<h2 class="mb-2 text-2xl">{say('key-results')}</h2>
		{#if lines.length === 0}
			<p class="max-w-prose text-lg">
				{say('key-empty')}
			</p>
			<p class="mt-5">
				<button
					type="button"
					class="btn btn-outline"
					onclick={() => change({ title: say('key-example-title'), text: SAMPLE })}
					>{say('key-example')}</button
				>
			</p>
		{:else}
			<p class="text-quiet" aria-live="polite">
				{say('key-lines', { count: lines.length, groups: counts.join(', ') })}
			</p>
			{#each GROUPS as of (of)}
				{#if groups[of].length > 0}
					<h3 class="mt-6 text-xl">{say(`key-group-${of}`)}</h3>
					{#if of === 'none'}
						<ul class="mt-2 grid gap-1">
							{#each groups.none as { line, label, definition } (line)}
								<li><strong>{label}</strong>{definition ? `: ${definition}` : ''}</li>
							{/each}
						</ul>
					{:else}
						<ol>
							{#each groups[of] as line (line.line)}
								<KeyLineView {line} onmend={(mended) => mend(line.line, mended)} />
							{/each}
						</ol>
					{/if}
				{/if}
			{/each}
			{#if settled > 0}
				<div class="mt-6 flex flex-wrap items-center gap-x-4 gap-y-2">
					<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query -->
					<a class="btn btn-primary" href="{resolve('/lessons')}?draft={open.keyId}">{say('key-draft')}</a>
					<span class="text-quiet">{say('key-draft-what', { count: settled })}</span>
				</div>
			{/if}
		{/if}
	</section>
</div>

<Dialog title={say('key-history')} wide bind:open={looking}>
	{#await import('./KeyHistory.svelte') then { default: KeyHistory }}
		<KeyHistory
			id={open.keyId}
			onback={({ title, text }) => {
				change({ title, text });
				looking = false;
			}}
		/>
	{/await}
</Dialog>

<style>
	.desk {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
	}
	@media (min-width: 64rem) {
		.desk {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
			min-height: calc(100dvh - 3.3rem);
		}
	}
</style>
