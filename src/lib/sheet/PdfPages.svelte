<script lang="ts">
	import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist';
	import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';
	import { onDestroy } from 'svelte';

	/** The pages of a PDF as they will lie on the table. */
	let { src, name }: { src: string; name: string } = $props();

	GlobalWorkerOptions.workerSrc = workerUrl;
	/** Wide enough for a good look, in pixels. */
	const WIDE = 1_200;

	const opening = $derived(getDocument({ url: src }));
	onDestroy(() => {
		// What is still being opened breaks off, and nobody waits for it.
		void opening.promise.catch(() => undefined);
		void opening.destroy().catch(() => undefined);
	});

	async function draw(pdf: PDFDocumentProxy, n: number, canvas: HTMLCanvasElement) {
		const page = await pdf.getPage(n);
		const scale = WIDE / page.getViewport({ scale: 1 }).width;
		const viewport = page.getViewport({ scale });
		canvas.width = viewport.width;
		canvas.height = viewport.height;
		await page.render({ canvas, viewport }).promise;
		canvas.dataset.drawn = 'true';
	}
</script>

{#await opening.promise}
	<p role="status">Opening …</p>
{:then pdf}
	<p class="mb-3" role="status">{pdf.numPages} {pdf.numPages === 1 ? 'page' : 'pages'}</p>
	<div class="grid justify-items-center gap-5">
		{#each { length: pdf.numPages }, i}
			<figure aria-label="Page {i + 1} of {pdf.numPages} of {name}">
				<canvas
					class="h-auto max-w-full border border-hairline bg-white"
					{@attach (canvas) => {
						// A look that is ended in the middle is no mistake.
						void draw(pdf, i + 1, canvas).catch(() => undefined);
					}}
				></canvas>
			</figure>
		{/each}
	</div>
{:catch}
	<p role="alert">The pages cannot be shown here. Save the file, and open it there.</p>
{/await}
