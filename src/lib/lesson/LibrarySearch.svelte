<script lang="ts">
	import { resolve } from '$app/paths';
	import { getJson } from '$lib/client/requests';
	import { LONGEST_SEARCH, searchAt, searchShape, type SearchFinding } from '$lib/wire/search';

	/** Looks for words in everything the teacher has; what is found stands under the field as one types. */
	let { words = $bindable(''), field = $bindable() }: { words?: string; field?: HTMLInputElement } = $props();

	const KINDS = {
		...{ lesson: 'Lesson', swatch: 'Swatch', piece: 'Piece' },
		...{ crossing: 'Kept cross', key: 'Key' }
	} as const;
	/** Pause after a key before the server is asked. */
	const REST_MS = 160;

	let found = $state.raw<readonly SearchFinding[] | null>(null);
	let wrong = $state<string | null>(null);
	$effect(() => {
		const wanted = words.trim();
		if (wanted === '') return void ((found = null), (wrong = null));
		const timer = setTimeout(async () => {
			const answer = await getJson(searchAt(wanted), searchShape);
			if (words.trim() !== wanted) return;
			wrong = answer.ok ? null : answer.error.message;
			if (answer.ok) found = answer.value.found;
		}, REST_MS);
		return () => clearTimeout(timer);
	});

	const addressOf = ({ kind, id, title }: SearchFinding): string => {
		if (kind === 'lesson') return resolve('/lessons/[id]', { id });
		if (kind === 'swatch') return resolve('/swatches/[id]', { id });
		if (kind === 'piece') return resolve('/measurements/[id]', { id });
		return kind === 'key' ? resolve('/abbreviations') : resolve(`/?name=${encodeURIComponent(title)}`);
	};
	/** the words around in pieces, every second one of them looked for */
	const pieces = (around: string) => around.split(/[«»]/);
</script>

<label class="block">
	<span class="mb-1 block text-quiet">Search lessons, swatches, pieces, kept crosses and keys</span>
	<input
		bind:this={field}
		class="input"
		type="search"
		bind:value={words}
		maxlength={LONGEST_SEARCH}
		autocomplete="off"
	/>
</label>
<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
<p class="sr-only" role="status">
	{found ? `${found.length} found` : ''}
</p>
{#if found}
	{#if found.length === 0}
		<p class="py-8 text-lg">
			Nothing of yours says “{words.trim()}”. Try the beginning of a word, or a cross such as 2/2 RC.
		</p>
	{:else}
		<ul class="divide-y divide-hairline" aria-label="Found">
			{#each found as one (one.kind + one.id)}
				<li>
					<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved where it is made -->
					<a class="-mx-3 block rounded-2xl px-3 py-4 hover:bg-base-100" href={addressOf(one)}>
						<span class="text-sm text-quiet">{KINDS[one.kind]}</span>
						<span class="block font-serif text-xl font-semibold">{one.title || 'Without a name'}</span>
						{#if one.around}
							<span class="block text-quiet"
								>{#each pieces(one.around) as piece, i (i)}{#if i % 2 === 1}<mark
											class="bg-transparent font-semibold text-base-content underline underline-offset-3"
											>{piece}</mark
										>{:else}{piece}{/if}{/each}</span
							>
						{/if}
					</a>
				</li>
			{/each}
		</ul>
	{/if}
{/if}
