<script lang="ts">
	import { resolve } from '$app/paths';
	import { getSettings } from '$lib/client/settings.svelte';
	import { fileName, save } from '$lib/ui/save';
	import type { View } from '$lib/drawing/swatch';
	import type { OpenSwatch } from './openSwatch.svelte';
	import { textOf } from '$lib/ui/fileText';
	import FileField from '$lib/ui/FileField.svelte';
	import MakeButton from '$lib/ui/MakeButton.svelte';
	import { ui } from '$lib/words/ui';

	/** The swatch as text, open formats and pictures; and other rows in its place. */
	let {
		open,
		view,
		onlesson
	}: {
		open: OpenSwatch;
		view: View;
		/** it is to go into a lesson */
		onlesson: () => void;
	} = $props();

	const settings = getSettings();
	const say = ui(settings);
	let said = $state<{ wrong: boolean; text: string } | null>(null);
	const base = $derived(fileName(open.card.title));

	async function drawn(what: 'cloth' | 'chart', kind: 'svg' | 'png') {
		if (!open.working) return;
		const [{ clothSvg, chartSvg }, { png }] = await Promise.all([
			import('./files'),
			import('$lib/drawing/standalone')
		]);
		const page = document.documentElement;
		const svg =
			what === 'cloth'
				? clothSvg(open.working, view, open.card.title, page)
				: chartSvg(open.working, settings.value, open.card.title, page);
		const name = what === 'cloth' ? base : `${base}-chart`;
		save(kind === 'svg' ? svg : await png(svg), `${name}.${kind}`, 'image/svg+xml');
	}

	async function chart() {
		const { chartJson } = await import('./files');
		if (open.working) save(chartJson(open.working), `${base}.chart.json`, 'application/json');
	}

	async function csv() {
		const { rowsCsv } = await import('./files');
		if (open.working) save(rowsCsv(open.working), `${base}.csv`, 'text/csv;charset=utf-8');
	}

	async function bringIn(file: File) {
		const { swatchFrom } = await import('./files');
		const content = await textOf(file, say);
		const swatch = content.ok ? swatchFrom(file.name, content.value) : content;
		if (!swatch.ok) return void (said = { wrong: true, text: swatch.error.message });
		const { text, medium, gauge, wishedMm, drawIn } = swatch.value;
		open.edit([{ from: 0, to: open.text.length, insert: text }], `brought in ${file.name}`);
		if (/\.json$/i.test(file.name))
			open.change({ medium, gauge, wishedMm, drawIn }, `brought in ${file.name}`);
		const found = open.working?.fabric.problems.filter(({ severity }) => severity === 'error').length ?? 0;
		said = {
			wrong: false,
			text:
				found > 0
					? 'It is in. What could not be understood is marked in the rows.'
					: 'It is in. Undo brings the rows before back.'
		};
	}
</script>

<div class="grid gap-6">
	<section class="grid gap-2" aria-label="Take with you">
		<h2 class="text-xl">Take with you</h2>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn" onclick={() => save(open.text, `${base}.txt`)}>Rows as text</button>
			<button
				type="button"
				class="btn"
				onclick={() => save(JSON.stringify(open.swatch, null, 2), `${base}.swatch.json`, 'application/json')}
				>Swatch, JSON</button
			>
			<button type="button" class="btn" onclick={csv}>Rows, CSV</button>
			<MakeButton make={() => drawn('cloth', 'svg')} disabled={!open.working}>Cloth, SVG</MakeButton>
			<MakeButton make={() => drawn('cloth', 'png')} disabled={!open.working}>Cloth, PNG</MakeButton>
			<MakeButton make={() => drawn('chart', 'svg')} disabled={!open.working}>Chart, SVG</MakeButton>
			<MakeButton make={() => drawn('chart', 'png')} disabled={!open.working}>Chart, PNG</MakeButton>
			<MakeButton make={chart} disabled={!open.working}>Chart, JSON</MakeButton>
			<a class="btn" href={resolve('/swatches/[id]/rows', { id: open.id })}>Rows as pictures, to print</a>
		</div>
	</section>
	<section class="grid gap-2" aria-label="Into a lesson">
		<h2 class="text-xl">Into a lesson</h2>
		<p>The lesson keeps these rows, and says so when they change here.</p>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn btn-outline" onclick={onlesson}>Put into a lesson</button>
			<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved, with a query -->
			<a class="btn" href="{resolve('/lessons')}?draft={open.id}">Draft a lesson from it</a>
		</div>
	</section>
	<section class="grid gap-2" aria-label="Bring in">
		<h2 class="text-xl">Bring in</h2>
		<p>Other rows in place of these: a text, a swatch in JSON or rows in CSV. Undo brings these back.</p>
		<div>
			<FileField
				label="From a file"
				accept=".txt,.md,.json,.csv,text/plain,text/csv,application/json"
				onfile={bringIn}
			/>
		</div>
		<p role="status" class={said?.wrong ? 'font-semibold text-error' : ''}>{said?.text ?? ''}</p>
	</section>
</div>
