<script lang="ts">
	import { handoutOf } from '$core/handout/handout';
	import type { HandoutOptions } from '$core/handout/options';
	import type { Lesson } from '$core/lesson/lesson';
	import { byline, sectionHtml } from '$lib/handout/blocks';
	import { blockRules, printOf } from '$lib/handout/look';
	import { pagesOf } from './pages';

	/** The sheet as it reads, drawn anew with every choice; this is what is printed from the page. */
	let {
		lesson,
		options,
		srcOf = (src) => src,
		onpages
	}: {
		lesson: Lesson;
		options: HandoutOptions;
		/** where a picture of its texts is found */
		srcOf?: (src: string) => string;
		/** is told how many pages it has on paper, whenever that is other */
		onpages?: (pages: number) => void;
	} = $props();

	let article = $state<HTMLElement>();

	const handout = $derived(handoutOf(lesson, options));
	const html = $derived.by(() => {
		let count = 0;
		const writing = { nextId: () => `sheet-${++count}`, srcOf };
		return handout.sections.map((section) => sectionHtml(section, writing)).join('');
	});

	// The rules that files have, for this article alone: they come and go with it.
	$effect(() => {
		const families = {
			serif: 'Literata Variable',
			mono: 'Atkinson Hyperlegible Mono Variable'
		};
		const sheet = new CSSStyleSheet();
		sheet.replaceSync(`@scope (.paper) {${blockRules(families, printOf(handout))}}`);
		document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
		return () => {
			document.adoptedStyleSheets = document.adoptedStyleSheets.filter((other) => other !== sheet);
		};
	});

	$effect(() => {
		void html;
		if (!onpages || !article) return;
		const [seen, { paper }] = [article, handout];
		// Letters are as wide as their fonts are, once those are here.
		let isNews = true;
		void document.fonts.ready.then(() => isNews && onpages(pagesOf(seen, paper)));
		return () => (isNews = false);
	});
</script>

<article
	bind:this={article}
	class="paper {handout.paper}"
	data-theme="day"
	class:large={handout.large}
	class:compact={handout.compact}
>
	<header>
		<h1>{handout.title}</h1>
		{#if byline(handout)}<p>{byline(handout)}</p>{/if}
	</header>
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- made from CommonMark and our own drawings, raw HTML escaped -->
	{@html html}
</article>

<style>
	.paper {
		max-width: 210mm;
		margin-inline: auto;
		padding: clamp(1rem, 4vw, 16mm);
		background: var(--color-paper);
		border-radius: 4px;
		color: var(--color-base-content);
		font-size: 1rem;
	}
	.paper.letter {
		max-width: 8.5in;
	}
	.paper.compact {
		font-size: 0.9rem;
	}
	.paper.large {
		font-size: 1.45rem;
	}
	/* Paper that glares at nobody. */
	:global([data-theme='evening']) .paper {
		filter: brightness(0.84);
	}
	@media print {
		.paper {
			filter: none;
			max-width: none;
			padding: 0;
		}
	}
</style>
