<script lang="ts">
	import type { LessonCrossing } from '$core/lesson/lesson';
	import type { LessonClaim } from '$core/planning/claimed';
	import SayingFields from '$lib/ui/SayingFields.svelte';
	import type { OpenLesson } from './openLesson.svelte';

	/** The saying that goes with a cross of the lesson, for right hands and for left ones. */
	let {
		open,
		taught,
		claimed
	}: { open: OpenLesson; taught: LessonCrossing; claimed: readonly LessonClaim[] | undefined } = $props();

	const claims = $derived(claimed?.filter(({ where }) => where.about[0]?.id === taught.id) ?? []);

	const set = (saying: string, which: string) =>
		open.change(
			{ kind: 'set-crossing', crossing: taught.id, fields: { saying } },
			{ topic: `saying ${taught.id} ${which}` }
		);
</script>

<details open={Boolean(taught.saying)} class="border-l-4 border-accent pl-4">
	<summary class="min-h-8 cursor-pointer text-quiet">The saying for {taught.name}</summary>
	<div class="mt-1 grid gap-3 sm:grid-cols-2">
		<SayingFields text={taught.saying ?? ''} onchange={set} />
	</div>
	{#if claims.length > 0}
		<div class="mt-2">
			{#await import('./LessonClaims.svelte') then { default: LessonClaims }}<LessonClaims
					{open}
					{claims}
				/>{/await}
		</div>
	{/if}
</details>
