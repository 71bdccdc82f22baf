<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import Trash2 from '@lucide/svelte/icons/trash';
	import { newId } from '$lib/id';
	import { posted } from '$lib/post';
	import type { Lesson } from '$core/lesson/lesson';
	import ClockBar from '$lib/components/ClockBar.svelte';
	import ClothPicture from '$lib/components/ClothPicture.svelte';
	import Dialog from '$lib/components/Dialog.svelte';
	import DraftForm from '$lib/components/lesson/DraftForm.svelte';
	import PondEdge from '$lib/components/PondEdge.svelte';
	import UndoBar from '$lib/components/UndoBar.svelte';
	import { useKeys } from '$lib/keys.svelte';

	let { data } = $props();

	let title = $state('');
	let trouble = $state<string | null>(null);
	let drafting = $state(false);
	let removed = $state.raw<{ id: string; title: string } | null>(null);
	let field: HTMLInputElement;

	async function make(event: SubmitEvent) {
		event.preventDefault();
		const id = newId();
		trouble = await posted('/api/lessons', { lesson: id, title: title.trim() || 'A new lesson' });
		if (!trouble) await goto(resolve('/lessons/[id]', { id }));
	}

	async function keep(lesson: Lesson) {
		const id = newId();
		trouble = await posted('/api/lessons', { lesson: id, title: lesson.title, document: lesson });
		if (!trouble) await goto(resolve('/lessons/[id]', { id }));
		else drafting = false;
	}

	async function remove(lesson: { id: string; title: string }, away: boolean) {
		trouble = await posted(`/api/lessons/${lesson.id}/removed`, { removed: away });
		if (trouble) return;
		removed = away ? lesson : null;
		await invalidateAll();
	}

	const when = (starts: string) =>
		new Date(`${starts}:00`).toLocaleString('en-GB', {
			weekday: 'long',
			day: 'numeric',
			month: 'long',
			hour: '2-digit',
			minute: '2-digit'
		});

	const clockOf = ({ starts, ...lesson }: (typeof data.lessons)[number]) => ({
		...lesson,
		starts: starts ?? undefined
	});

	useKeys([
		{ key: 'n', cap: 'N', says: 'name a new lesson', run: () => field.focus() },
		{ key: 'd', cap: 'D', says: 'draft a lesson', run: () => (drafting = true) }
	]);
</script>

<svelte:head><title>Lessons · Pond Loop</title></svelte:head>

<div class="mx-auto min-h-[60dvh] max-w-5xl px-4 pt-8 sm:px-7">
	<h1 class="text-4xl">Lessons</h1>
	<form class="mt-5 flex flex-wrap items-end gap-3 border-b border-hairline pb-7" onsubmit={make}>
		<label class="min-w-60 flex-1">
			<span class="mb-1 block text-quiet">A new lesson, called</span>
			<input
				bind:this={field}
				class="field text-lg"
				bind:value={title}
				maxlength="200"
				autocomplete="off"
				placeholder="Ropes for bench cushions"
			/>
		</label>
		<button class="press">Make it <kbd class="key-cap hidden sm:inline-block">Enter</kbd></button>
		<button type="button" class="press press-main" onclick={() => (drafting = true)}>
			Draft one <kbd class="key-cap hidden sm:inline-block">D</kbd>
		</button>
		{#if trouble}<p class="w-full font-semibold text-error" role="alert">{trouble}</p>{/if}
	</form>

	{#if data.lessons.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">Nothing planned yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Name a lesson above. Or begin where the stitches are: type a cross at the Bench and put it into a
				lesson from there.
			</p>
			<p class="mt-4"><a class="press" href={resolve('/')}>To the Bench</a></p>
			<p class="mt-6 text-quiet">
				To look at one that is ready, type <code class="font-mono">npm run demo</code> beside the running app.
			</p>
		</div>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each data.lessons as lesson (lesson.id)}
				<li class="flex items-center gap-4">
					<a
						class="group -mx-3 grid min-w-0 flex-1 gap-x-6 gap-y-1 rounded-2xl px-3 py-6 hover:bg-base-100 sm:grid-cols-[auto_minmax(0,1fr)]"
						href={resolve('/lessons/[id]', { id: lesson.id })}
					>
						<span class="flex gap-3 sm:row-span-3" aria-hidden="true">
							{#each lesson.crossings.slice(0, 2) as { id, crossing } (id)}
								<span class="block w-24 sm:w-28"><ClothPicture {crossing} numbers={false} alt="" /></span>
							{:else}
								<span
									class="grid h-24 w-28 place-items-center rounded-xl border border-dashed border-hairline text-sm"
									>no cross yet</span
								>
							{/each}
						</span>
						<span class="font-serif text-[1.7rem] leading-tight font-semibold group-hover:underline"
							>{lesson.title || 'Without a name'}</span
						>
						<span class="text-quiet">
							{lesson.starts ? when(lesson.starts) : 'No date yet'} · {lesson.parts.length}
							{lesson.parts.length === 1 ? 'part' : 'parts'}{lesson.crossings.length > 0
								? ` · ${lesson.crossings.map(({ name }) => name).join(', ')}`
								: ''}
						</span>
						<span class="block"><ClockBar lesson={clockOf(lesson)} /></span>
					</a>
					<button
						type="button"
						class="press press-quiet"
						onclick={() => remove(lesson, true)}
						aria-label="Remove “{lesson.title}”"
					>
						<Trash2 size={18} aria-hidden="true" /> <span class="hidden sm:inline">Remove</span>
					</button>
				</li>
			{/each}
		</ul>
	{/if}
</div>

<PondEdge />

<Dialog title="Draft a lesson" wide bind:open={drafting}>
	<DraftForm swatches={data.swatches} onkeep={keep} />
</Dialog>

{#if removed}
	<UndoBar
		said="“{removed.title}” is removed."
		onundo={() => removed && remove(removed, false)}
		onclose={() => (removed = null)}
	/>
{/if}
