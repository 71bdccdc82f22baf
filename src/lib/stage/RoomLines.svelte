<script lang="ts">
	import { inList } from '$core/english';
	import type { Lesson } from '$core/lesson/lesson';
	import type { Raised } from '$core/teaching/room';
	import type { RoomNow } from '$lib/wire/follow';

	/** How many phones are at which step, and who waits: what the teacher sees at a glance. */
	let {
		lesson,
		room,
		named = false
	}: {
		lesson: Lesson;
		room: RoomNow;
		/** the names that phones gave are shown: in the teacher’s own window alone */
		named?: boolean;
	} = $props();

	const titleOf = (id: string) => lesson.parts.find((part) => part.id === id)?.title ?? '';
	const withClass = $derived(room.following - room.elsewhere.reduce((sum, { count }) => sum + count, 0));

	/** How many, and who among them gave a name. */
	const who = ({ count, names }: Raised, one: string, many: string) =>
		`${count === 1 ? one : `${count} ${many}`}${named && names.length > 0 ? `: ${inList(names)}${names.length < count ? ' and others' : ''}` : ''}`;
</script>

<dl class="grid gap-1">
	<div class="line">
		<dt>follow</dt>
		<dd data-testid="following">{room.following}</dd>
	</div>
	<div class="line">
		<dt>have this step</dt>
		<dd data-testid="has">{room.has}</dd>
	</div>
	<div class="line">
		<dt>with the class</dt>
		<dd>{withClass}</dd>
	</div>
	{#each room.elsewhere as { part, step, count } (`${step} ${part}`)}
		<div class="line">
			<dt>at “{titleOf(part)}”, step {step + 1}</dt>
			<dd>{count}</dd>
		</div>
	{/each}
</dl>
{#if room.waits.count > 0}<p class="mt-3 font-semibold">
		{who(room.waits, 'One asks to wait', 'ask to wait')}
	</p>{/if}
{#if room.wrong.count > 0}<p class="mt-3 font-semibold">
		{who(room.wrong, 'One cloth went wrong', 'cloths went wrong')}
	</p>{/if}

<style>
	.line {
		display: flex;
		justify-content: space-between;
		gap: 1rem;
		border-bottom: 1px solid var(--color-hairline);
		padding-block: 0.3rem;
	}
	dd {
		font-size: 1.25rem;
		font-weight: 650;
	}
</style>
