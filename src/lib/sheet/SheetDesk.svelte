<script lang="ts">
	import { asset, resolve } from '$app/paths';
	import { counted } from '$core/naming/numbers';
	import { onMount, untrack } from 'svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import { HANDOUT_FILES, type Asked, type HandoutFile } from '$core/handout/asked';
	import Dialog from '$lib/ui/Dialog.svelte';
	import OneOf from '$lib/ui/OneOf.svelte';
	import SheetFor from './SheetFor.svelte';
	import SheetJobList from './SheetJobList.svelte';
	import SheetParts from './SheetParts.svelte';
	import type { Job } from '$lib/wire/job';
	import { useKeys } from '$lib/ui/keys.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { SheetChoices, VARIANTS } from './choices.svelte';
	import { SheetJobs } from './jobs.svelte';
	import type { SheetPage } from '$lib/wire/job';

	/** What goes home: the sheet as it is read, and the files that are made of it. */
	let { data }: { data: SheetPage } = $props();

	const settings = getSettings();
	const choices = untrack(() => {
		const { hand, keep, yarnHand, terms, units } = settings.value;
		const paper = units === 'cm' ? ('a4' as const) : ('letter' as const);
		const whose = { hand, keep, yarnHand, terms, paper, by: data.by };
		return new SheetChoices(data.id, data.lesson, { ...whose, compact: true, locale: settings.locale });
	});
	const jobs = untrack(() => new SheetJobs(data.id, data.jobs));
	let ready = $state(false);
	/** how many the sheet takes on paper; nothing is known before it is drawn */
	let pages = $state<number | null>(null);
	let looking = $state.raw<Job | null>(null);
	let as = $state<HandoutFile>('pdf');
	const paper = $derived(choices.options.paper ?? 'a4');
	const shows = $derived(data.lesson.parts.filter(({ kind }) => kind === 'show'));
	let poster = $state(untrack(() => data.lesson.parts.find(({ kind }) => kind === 'show')?.id ?? ''));
	const FILE_WORDS: Readonly<Record<HandoutFile, string>> = {
		pdf: 'PDF',
		epub: 'EPUB, for readers',
		html: 'HTML, one file',
		md: 'Markdown',
		json: 'JSON'
	};

	onMount(() => {
		choices.recall();
		ready = true;
		return jobs.watch();
	});
	$effect(() => {
		void [choices.chosen, choices.variants, choices.learners];
		if (ready) choices.remember();
	});

	/** the jobs that each button asked for: they stand at it, the others in the list of files */
	let asked = $state.raw<Readonly<Record<'file' | 'several' | 'poster', readonly string[]>>>({
		file: [],
		several: [],
		poster: []
	});
	async function ask(at: keyof typeof asked, what: Asked) {
		const id = await jobs.ask(what);
		if (id) asked = { ...asked, [at]: [id, ...asked[at]] };
	}
	const of = (at: keyof typeof asked) => jobs.all.filter(({ id }) => asked[at].includes(id));
	const before = $derived(jobs.all.filter(({ id }) => !Object.values(asked).flat().includes(id)));

	const make = (all: boolean) =>
		ask(all ? 'several' : 'file', {
			kind: 'sheets',
			as,
			variants: all ? [...choices.all] : [choices.chosen]
		});
	/** each sheet in the hands, words and print of one of the class */
	const makeForClass = () => ask('file', { kind: 'sheets', as, variants: [...choices.ofClass] });
	const makePoster = () => ask('poster', { kind: 'poster', part: poster, options: choices.chosen });

	useKeys([
		{ key: 'p', cap: 'P', says: 'print the sheet', run: () => window.print() },
		{ key: 'm', cap: 'M', says: 'make the file', run: () => void make(false) }
	]);
</script>

<svelte:head>
	<title>{data.lesson.title}: sheet · Pond Loop</title>
	<!-- The paper is a page rule of its own, which only a style sheet can hold. -->
	<link rel="stylesheet" href={asset(`/print/${paper}.css`)} />
</svelte:head>

{#snippet made(at: keyof typeof asked, label: string)}
	<SheetJobList list={of(at)} {label} {jobs} onlook={(job) => (looking = job)} />
{/snippet}

<div class="desk">
	<div class="choices">
		<a class="btn" href={resolve('/lessons/[id]', { id: data.id })}>Back to the lesson</a>
		{#await import('$lib/lesson/BeforeGoing.svelte') then { default: BeforeGoing }}
			<BeforeGoing id={data.id} lesson={data.lesson} />
		{/await}
		<section aria-labelledby="make">
			<h2 id="make">Print it, or make a file</h2>
			<div class="flex flex-wrap items-center gap-2">
				<OneOf
					legend="Paper"
					quiet
					value={paper}
					choices={[
						{ value: 'a4', label: 'A4' },
						{ value: 'letter', label: 'Letter' }
					]}
					onchoose={(to) => choices.set({ paper: to })}
				/>
				<button type="button" class="btn btn-outline" onclick={() => window.print()}>
					<Icon name="printer" size={18} /> Print it <kbd class="kbd">P</kbd>
				</button>
			</div>
			<p class="mt-2 text-quiet" role="status" data-testid="pages">
				{pages === null ? 'Pages are counted …' : `About ${counted(pages, 'page')} as it is chosen here.`}
			</p>
			<div class="mt-3 flex flex-wrap items-center gap-2">
				<label class="sr-only" for="as">Kind of file</label>
				<select id="as" class="select w-auto!" bind:value={as}>
					{#each HANDOUT_FILES as kind (kind)}<option value={kind}>{FILE_WORDS[kind]}</option>{/each}
				</select>
				<button type="button" class="btn btn-primary" onclick={() => make(false)}
					>Make the file <kbd class="kbd">M</kbd></button
				>
			</div>
			{#if choices.ofClass.length > 0}
				<button type="button" class="btn mt-2 btn-outline" onclick={() => makeForClass()}
					>One for each who comes: {choices.ofClass.length}</button
				>
			{/if}
			{@render made('file', 'Files just made')}
			<p role="alert" class="font-semibold text-error empty:hidden">{jobs.trouble ?? ''}</p>
		</section>
		{#if before.length > 0}
			<section aria-labelledby="files">
				<h2 id="files">Files made before</h2>
				<SheetJobList list={before} label="Files" {jobs} onlook={(job) => (looking = job)} />
			</section>
		{/if}
		<section aria-labelledby="whom">
			<h2 id="whom">For whom</h2>
			<SheetFor {choices} rows={data.lesson.swatches.length > 0} />
		</section>
		<section aria-labelledby="what">
			<h2 id="what">What goes home</h2>
			<SheetParts {choices} />
		</section>
		<details>
			<summary>Several in one go</summary>
			<fieldset class="mt-2 grid">
				<legend class="sr-only">Variants</legend>
				{#each VARIANTS as { id } (id)}
					<label class="flex min-h-11 cursor-pointer items-center gap-3">
						<input
							type="checkbox"
							class="size-5 accent-base-content"
							checked={choices.variants.includes(id)}
							onchange={() => choices.toggleVariant(id)}
						/>
						{choices.variantSaid(id)}
					</label>
				{/each}
			</fieldset>
			<label class="mt-2 grid gap-1">
				<span class="text-quiet">One for each learner, a name a line</span>
				<textarea class="textarea min-h-24" maxlength="4000" bind:value={choices.learners}></textarea>
			</label>
			<button type="button" class="btn mt-3 btn-outline" onclick={() => make(true)}
				>Make {choices.all.length} {choices.all.length === 1 ? 'sheet' : 'sheets, as a zip'}</button
			>
			{@render made('several', 'Sheets just made')}
		</details>
		{#if shows.length > 0}
			<details>
				<summary>A poster for the wall</summary>
				<label class="mt-2 grid gap-1">
					<span class="text-quiet">One cross with all its steps, as large as two sheets</span>
					<select class="select" bind:value={poster}>
						{#each shows as { id, title } (id)}<option value={id}>{title}</option>{/each}
					</select>
				</label>
				<button type="button" class="btn mt-3 btn-outline" onclick={makePoster}>Make the poster</button>
				{@render made('poster', 'Posters just made')}
			</details>
		{/if}
	</div>
	<!-- Reading CommonMark weighs as much as the page: it comes when the page is there. -->
	{#await import('./SheetReads.svelte')}
		<p class="p-8" role="status">Drawing the sheet …</p>
	{:then { default: SheetReads }}
		<SheetReads lesson={data.lesson} options={choices.chosen} onpages={(count) => (pages = count)} />
	{/await}
</div>

<Dialog
	title={looking?.name ?? 'Pages'}
	wide
	bind:open={() => looking !== null, (open) => !open && (looking = null)}
>
	{#if looking}
		{#await import('./PdfPages.svelte') then { default: PdfPages }}
			<PdfPages src={resolve('/jobs/[id]', { id: looking.id })} name={looking.name ?? ''} />
		{/await}
	{/if}
</Dialog>

<style>
	.desk {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 1.5rem;
		min-height: 100dvh;
		padding: 1.2rem 1rem 3rem;
		background: var(--color-base-200);
		color: var(--color-base-content);
	}
	.choices {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		align-content: start;
		gap: 1.4rem;
		min-width: 0;
	}
	.choices > a {
		justify-self: start;
	}
	h2,
	summary {
		margin-bottom: 0.5rem;
		font-family: var(--font-serif);
		font-size: 1.25rem;
		font-weight: 600;
	}
	summary {
		min-height: 2.75rem;
		align-content: center;
		cursor: pointer;
		margin: 0;
	}
	@media (min-width: 64rem) {
		.desk {
			grid-template-columns: 23rem minmax(0, 1fr);
			padding-inline: 1.8rem;
		}
		.choices {
			position: sticky;
			top: 1.2rem;
			max-height: calc(100dvh - 2.4rem);
			overflow-y: auto;
			padding-right: 0.8rem;
		}
	}
	@media print {
		.desk {
			display: block;
			padding: 0;
			background: none;
		}
		.choices {
			display: none;
		}
	}
</style>
