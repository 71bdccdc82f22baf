<script lang="ts">
	import { lessonDifferences } from '$core/lesson/differences';
	import type { Lesson } from '$core/lesson/lesson';
	import { mapResult } from '$core/result';
	import { getJson } from '$lib/client/requests';
	import type { OpenLesson } from './openLesson.svelte';
	import { momentSaid } from '$lib/ui/locale';
	import Versions from '$lib/ui/Versions.svelte';
	import DifferenceList from './DifferenceList.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { earlierLessonShape, historyAt, lessonHistoryShape, lessonVersionAt } from '$lib/wire/lesson';

	/** What was done to a lesson and when; any version can be compared and brought back. */
	let { open, onback }: { open: OpenLesson; onback: () => void } = $props();
	const settings = getSettings();

	const load = async () =>
		mapResult(await getJson(historyAt(open.id), lessonHistoryShape), ({ lines, first }) => [
			...lines.map(({ version, at, said }) => ({
				id: String(version),
				said,
				note: `${momentSaid(at, settings.locale)} · version ${version}`
			})),
			{ id: String(first), said: 'As it began', note: `version ${first}` }
		]);
	const look = async (version: string) =>
		mapResult(await getJson(lessonVersionAt(open.id, version), earlierLessonShape), ({ lesson }) => lesson);

	function bringBack(lesson: Lesson) {
		open.change({ kind: 'restore', lesson }, { said: 'An earlier version is back.' });
		onback();
	}
</script>

<Versions {load} {look}>
	{#snippet shown(lesson)}
		<DifferenceList differences={lessonDifferences(lesson, open.written)} then="Then" now="Now" />
		<div>
			<button type="button" class="btn btn-outline" onclick={() => bringBack(lesson)}
				>Bring this version back</button
			>
		</div>
	{/snippet}
</Versions>
