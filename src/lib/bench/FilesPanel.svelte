<script lang="ts">
	import { parseCrossing, printCrossing } from '$core/formats/crossing';
	import { textFor } from '$core/formats/name';
	import { parseJson } from '$core/formats/json';
	import { parseMoves } from '$core/formats/moves';
	import { MOVES_FORMAT } from '$core/hands/schema';
	import { scriptText } from '$core/hands/scriptText';
	import { fileName, save } from '$lib/ui/save';
	import type { Subject } from './subject.svelte';
	import { textOf } from '$lib/ui/fileText';
	import FileField from '$lib/ui/FileField.svelte';
	import MakeButton from '$lib/ui/MakeButton.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** The crossing and its way as pictures, text and open formats, and in again. */
	let { subject, at, onretype }: { subject: Subject; at: number; onretype: (text: string) => void } =
		$props();

	const say = ui(getSettings());

	let pasted = $state('');
	let said = $state<{ wrong: boolean; text: string } | null>(null);

	const shown = $derived(subject.shown);
	const title = $derived(shown && shown.kind !== 'gutter' ? shown.way.title : 'Hooked-up gutter');
	const base = $derived(
		fileName(`${subject.name} ${shown && shown.kind !== 'gutter' ? shown.way.id : 'gutter'}`)
	);
	const all = $derived(shown ? shown.told.map((_, i) => i) : []);

	async function step(kind: 'svg' | 'png') {
		const [{ stepPictures }, { png }] = await Promise.all([
			import('./stepPictures'),
			import('$lib/drawing/standalone')
		]);
		const [{ svg }] = await stepPictures(subject, [at]);
		save(kind === 'svg' ? svg : await png(svg), `${base}-${at + 1}.${kind}`, 'image/svg+xml');
	}

	async function whole(kind: 'svg' | 'png') {
		const [{ stepPictures }, { png, strip }] = await Promise.all([
			import('./stepPictures'),
			import('$lib/drawing/standalone')
		]);
		const svg = strip(await stepPictures(subject, all));
		save(kind === 'svg' ? svg : await png(svg), `${base}-strip.${kind}`, 'image/svg+xml');
	}

	async function each(tell: (done: number, of: number) => void) {
		const [{ stepPictures }, { png }, { zipSync }] = await Promise.all([
			import('./stepPictures'),
			import('$lib/drawing/standalone'),
			import('fflate')
		]);
		const files: Record<string, Uint8Array> = {};
		for (const [i, { svg }] of (await stepPictures(subject, all)).entries()) {
			tell(i, all.length);
			const number = String(i + 1).padStart(2, '0');
			files[`${base}-${number}.svg`] = new TextEncoder().encode(svg);
			files[`${base}-${number}.png`] = new Uint8Array(await (await png(svg)).arrayBuffer());
		}
		save(new Blob([zipSync(files) as BlobPart]), `${base}-steps.zip`);
	}

	function script() {
		if (!shown) return;
		save(
			scriptText(`${subject.name}, ${title[0].toLowerCase()}${title.slice(1)}`, shown.told),
			`${base}.txt`
		);
	}

	function crossingJson() {
		save(JSON.stringify(printCrossing(subject.crossing), null, 2), `${fileName(subject.name)}.crossing.json`);
	}

	function movesJson() {
		if (!shown || shown.kind === 'gutter') return;
		const script = { format: MOVES_FORMAT, stitches: subject.crossing.stitches, moves: shown.way.moves };
		save(JSON.stringify(script, null, 2), `${base}.moves.json`);
	}

	async function bringFile(file: File) {
		const text = await textOf(file, say);
		if (text.ok) bringIn((pasted = text.value));
		else said = { wrong: true, text: text.error.message };
	}

	/** Takes a crossing or a script that was pasted or chosen, or says what is wrong with it and leaves it there. */
	function bringIn(text: string) {
		const json = parseJson(text);
		if (!json.ok) return void (said = { wrong: true, text: json.error.message });
		const value = json.value as { moves?: unknown } | null;
		if (value && typeof value === 'object' && 'moves' in value) return bringScript(value);
		const crossing = parseCrossing(value, subject.medium);
		if (!crossing.ok) return void (said = { wrong: true, text: crossing.error.message });
		onretype(textFor(crossing.value, subject.medium));
		done('The cross is open in Crosses.');
	}

	function bringScript(value: unknown) {
		const script = parseMoves(value, subject.played.stitches);
		if (!script.ok) return void (said = { wrong: true, text: script.error.message });
		const refused = subject.bringIn(script.value);
		if (refused) said = { wrong: true, text: refused.message };
		else done('The script stands first among the ways.');
	}

	function done(text: string) {
		pasted = '';
		said = { wrong: false, text };
	}
</script>

<div class="grid grid-cols-1 gap-6">
	<section class="grid grid-cols-1 gap-2" aria-label="Take with you">
		<h2 class="text-xl">Take with you</h2>
		<div class="flex flex-wrap gap-2">
			<MakeButton make={() => step('svg')}>This step, SVG</MakeButton>
			<MakeButton make={() => step('png')}>This step, PNG</MakeButton>
			<MakeButton make={() => whole('svg')}>The strip, SVG</MakeButton>
			<MakeButton make={() => whole('png')}>The strip, PNG</MakeButton>
			<MakeButton make={each}>Every step by itself</MakeButton>
			<button type="button" class="btn" onclick={script}>The script as text</button>
			<button type="button" class="btn" onclick={crossingJson}>Crossing, JSON</button>
			<button type="button" class="btn" disabled={shown?.kind === 'gutter'} onclick={movesJson}
				>Moves, JSON</button
			>
		</div>
	</section>
	<section class="grid grid-cols-1 gap-2" aria-label="Bring in">
		<h2 class="text-xl">Bring in</h2>
		<label class="grid gap-1">
			<span class="text-quiet">A crossing or a script, in JSON</span>
			<textarea class="textarea min-h-28 font-mono text-sm" bind:value={pasted} spellcheck="false"></textarea>
		</label>
		<div class="flex flex-wrap items-center gap-2">
			<button
				type="button"
				class="btn btn-outline"
				disabled={pasted.trim() === ''}
				onclick={() => bringIn(pasted)}>Bring it in</button
			>
			<FileField label="From a file" accept=".json,application/json" onfile={bringFile} />
		</div>
		<p role="status" class={said?.wrong ? 'font-semibold text-error' : ''}>{said?.text ?? ''}</p>
	</section>
</div>
