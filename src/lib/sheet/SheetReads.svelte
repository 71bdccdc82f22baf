<script lang="ts">
	import { handoutOf } from '$core/handout/handout';
	import type { HandoutOptions } from '$core/handout/options';
	import type { Lesson } from '$core/lesson/lesson';
	import { byline, sectionHtml } from '$lib/handout/blocks';

	/** The sheet as it reads, drawn anew with every choice; this is what is printed from the page. */
	let { lesson, options }: { lesson: Lesson; options: HandoutOptions } = $props();

	const handout = $derived(handoutOf(lesson, options));
	const html = $derived.by(() => {
		let count = 0;
		const writing = { nextId: () => `sheet-${++count}`, srcOf: (src: string) => src };
		return handout.sections.map((section) => sectionHtml(section, writing)).join('');
	});
</script>

<article class="paper {handout.paper}" class:large={handout.large}>
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
		background: #fff;
		border-radius: 4px;
		color: #17302f;
		font-size: 1rem;
	}
	.paper.letter {
		max-width: 8.5in;
	}
	.paper.large {
		font-size: 1.45rem;
	}
	header {
		margin-bottom: 1.2rem;
		padding-bottom: 0.6rem;
		border-bottom: 2px solid #17302f;
	}
	h1 {
		font-size: 2em;
	}
	.paper :global {
		h2 {
			margin: 1.6em 0 0.4em;
			font-size: 1.4em;
			break-after: avoid;
		}
		h3 {
			font-size: 1.1em;
		}
		p {
			margin: 0.35em 0;
		}
		ul,
		.text ol {
			padding-left: 1.3em;
			list-style: disc;
		}
		.text ol {
			list-style: decimal;
		}
		figure {
			margin: 0.8em 0;
			break-inside: avoid;
		}
		figcaption {
			font-size: 0.94em;
		}
		.beside {
			display: flex;
			gap: 1.2em;
			align-items: end;
		}
		.beside svg {
			flex: 0 1 17em;
			min-width: 0;
		}
		svg,
		img {
			display: block;
			max-width: 100%;
			height: auto;
		}
		.steps {
			display: grid;
			grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
			gap: 1.1rem 1.3rem;
			counter-reset: step;
		}
		.steps li {
			counter-increment: step;
			break-inside: avoid;
		}
		.steps svg {
			width: 100%;
			border: 1px solid #c9d2ca;
			border-radius: 8px;
		}
		.steps p::before {
			content: counter(step);
			display: inline-block;
			min-width: 1.55em;
			margin-right: 0.5em;
			border: 2px solid #17302f;
			border-radius: 50%;
			text-align: center;
			font-weight: 700;
		}
		.after,
		b,
		strong {
			font-weight: 600;
		}
		.saying {
			font-family: var(--font-serif);
			font-style: italic;
			font-size: 1.1em;
		}
		code {
			font-family: var(--font-mono);
		}
		table {
			width: 100%;
			border-collapse: collapse;
		}
		th,
		td {
			padding: 0.35em 0.7em 0.35em 0;
			border-bottom: 1px solid #c9d2ca;
			text-align: left;
			vertical-align: top;
		}
		tr {
			break-inside: avoid;
		}
		.tally i {
			display: inline-block;
			width: 1.05em;
			height: 1.05em;
			margin: 0.15em;
			border: 1.5px solid #17302f;
			border-radius: 3px;
		}
		.tally i:nth-child(10n) {
			margin-right: 0.9em;
		}
		.room div {
			height: 2.1em;
			border-bottom: 1px solid #9aa8a2;
		}
	}
	@media print {
		.paper {
			max-width: none;
			padding: 0;
		}
	}
</style>
