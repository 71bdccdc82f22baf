<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { newId } from '$lib/id';
	import { posted } from '$lib/post';
	import UndoBar from '$lib/components/UndoBar.svelte';
	import { useKeys } from '$lib/keys.svelte';

	let { data } = $props();

	let title = $state('');
	let trouble = $state<string | null>(null);
	let removed = $state.raw<{ id: string; title: string } | null>(null);
	let field: HTMLInputElement;

	async function make(event: SubmitEvent) {
		event.preventDefault();
		const id = newId();
		trouble = await posted('/api/lessons', { lesson: id, title: title.trim() || 'A new lesson' });
		if (!trouble) await goto(resolve('/lessons/[id]', { id }));
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

	useKeys([{ key: 'n', cap: 'N', says: 'name a new lesson', run: () => field.focus() }]);
</script>

<svelte:head><title>Lessons · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-5xl px-4 py-8 sm:px-7">
	<h1 class="text-4xl">Lessons</h1>
	<form class="border-hairline mt-5 flex flex-wrap items-end gap-3 border-b pb-7" onsubmit={make}>
		<label class="min-w-60 flex-1">
			<span class="text-quiet mb-1 block">A new lesson, called</span>
			<input bind:this={field} class="field text-lg" bind:value={title} maxlength="200" autocomplete="off" placeholder="Ropes for bench cushions" />
		</label>
		<button class="press press-main">Make it <kbd class="key-cap hidden sm:inline-block">Enter</kbd></button>
		{#if trouble}<p class="text-error w-full font-semibold" role="alert">{trouble}</p>{/if}
	</form>

	{#if data.lessons.length === 0}
		<div class="py-12">
			<h2 class="text-2xl">Nothing planned yet</h2>
			<p class="mt-2 max-w-prose text-lg">
				Name a lesson above. Or begin where the stitches are: type a cross at the Bench and put it into a lesson from
				there.
			</p>
			<p class="mt-4"><a class="press" href={resolve('/')}>To the Bench</a></p>
			<p class="text-quiet mt-6">
				To look at one that is ready, type <code class="font-mono">npm run demo</code> beside the running app.
			</p>
		</div>
	{:else}
		<ul class="divide-hairline divide-y">
			{#each data.lessons as lesson (lesson.id)}
				<li class="flex items-center gap-4">
					<a class="group hover:bg-base-100 -mx-3 grid flex-1 gap-1 rounded-xl px-3 py-5 sm:grid-cols-[1fr_auto] sm:items-baseline" href={resolve('/lessons/[id]', { id: lesson.id })}>
						<span class="font-serif text-2xl font-semibold group-hover:underline">{lesson.title || 'Without a name'}</span>
						<span class="text-quiet">{lesson.starts ? when(lesson.starts) : 'No date yet'}</span>
						<span class="text-quiet sm:col-span-2">
							{lesson.parts} {lesson.parts === 1 ? 'part' : 'parts'} · {lesson.minutes} minutes{lesson.crossings.length > 0 ? ` · ${lesson.crossings.join(', ')}` : ''}
						</span>
					</a>
					<button type="button" class="press press-quiet" onclick={() => remove(lesson, true)} aria-label="Remove “{lesson.title}”">
						<Trash2 size={18} aria-hidden="true" /> <span class="hidden sm:inline">Remove</span>
					</button>
				</li>
			{/each}
		</ul>
	{/if}
</div>

{#if removed}
	<UndoBar said="“{removed.title}” is removed." onundo={() => removed && remove(removed, false)} onclose={() => (removed = null)} />
{/if}
