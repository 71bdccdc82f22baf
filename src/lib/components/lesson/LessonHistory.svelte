<script lang="ts">
	import { onMount } from 'svelte';
	import { differencesOf } from '$core/lesson/differences';
	import type { HistoryLine } from '$core/lesson/history';
	import type { Lesson } from '$core/lesson/lesson';
	import { fetched } from '$lib/fetched';
	import type { OpenLesson } from '$lib/lesson.svelte';
	import { momentSaid } from '$lib/words';
	import DifferenceList from './DifferenceList.svelte';

	/** What was done to a lesson and when; any version can be compared and brought back. */
	let { open, onback }: { open: OpenLesson; onback: () => void } = $props();

	let lines = $state.raw<readonly HistoryLine[] | null>(null);
	let looked = $state.raw<{ version: number; lesson: Lesson } | null>(null);
	let wrong = $state<string | null>(null);
	const at = $derived(`/api/lessons/${open.id}/history`);

	async function load() {
		const answer = await fetched<{ lines: HistoryLine[]; first: number }>(at);
		wrong = answer.ok ? null : answer.error.message;
		if (!answer.ok) return;
		const { lines: told, first } = answer.value;
		lines = [...told, { version: first, at: 0, said: 'As it began' }];
	}
	onMount(() => void load());

	async function look(version: number) {
		if (looked?.version === version) return void (looked = null);
		const answer = await fetched<{ version: number; lesson: Lesson }>(`${at}/${version}`);
		wrong = answer.ok ? null : answer.error.message;
		if (answer.ok) looked = answer.value;
	}

	function bringBack() {
		if (!looked) return;
		open.change({ kind: 'restore', lesson: looked.lesson }, { said: 'An earlier version is back.' });
		onback();
	}
</script>

<p role="alert" class="font-semibold text-error empty:hidden">{wrong ?? ''}</p>
{#if lines}
	<ul class="divide-y divide-hairline">
		{#each lines as { version, at: moment, said } (version)}
			<li class="py-1.5">
				<button
					type="button"
					class="min-h-11 w-full rounded-lg py-1 text-left hover:underline"
					aria-expanded={looked?.version === version}
					onclick={() => look(version)}
				>
					<span class="font-semibold">{said[0].toUpperCase()}{said.slice(1)}</span>
					<span class="block text-sm text-quiet"
						>{moment > 0 ? `${momentSaid(moment)} · ` : ''}version {version}</span
					>
				</button>
				{#if looked?.version === version}
					<div class="mt-1 grid gap-3 rounded-xl border border-hairline p-4">
						<DifferenceList differences={differencesOf(looked.lesson, open.written)} then="Then" now="Now" />
						<div>
							<button type="button" class="press" onclick={bringBack}>Bring this version back</button>
						</div>
					</div>
				{/if}
			</li>
		{/each}
	</ul>
{:else if !wrong}
	<p>Looking …</p>
{/if}
