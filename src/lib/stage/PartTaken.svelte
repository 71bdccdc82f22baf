<script lang="ts">
	import type { Learner } from '$core/lesson/lesson';
	import { MOST_REMARK, type Taken } from '$core/teaching/classRecord';
	import { namesIn, toggledName } from '$core/teaching/writeUp';
	import { numberSaid } from '$core/locale';
	import { counted } from '$core/naming/numbers';
	import CountField from '$lib/ui/CountField.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import TakenBar from './TakenBar.svelte';

	/** What one part took, to be written from memory: minutes, a note, who struggled. */
	let {
		taken,
		longest,
		learners,
		onset
	}: {
		taken: Taken;
		longest: number;
		learners: readonly Learner[];
		onset: (fields: Partial<Taken>) => void;
	} = $props();

	const settings = getSettings();
	const struggled = $derived(namesIn(taken.struggled));
	const named = $derived(
		learners.map(({ name }) => name.trim()).filter((name) => name && !name.includes(','))
	);
	let writing = $state(false);
</script>

<li class="grid grid-cols-1 gap-x-6 gap-y-2 border-t border-hairline py-3 md:grid-cols-[1fr_1.3fr_auto]">
	<div>
		<p class="font-semibold" class:line-through={taken.dropped}>{taken.title}</p>
		<p class="text-quiet">
			{#if taken.dropped}left out{:else}{numberSaid(taken.seconds / 60, settings.locale)} of {taken.planned} min{/if}
		</p>
	</div>
	{#if taken.room}
		<p class="text-quiet md:col-span-3">
			{taken.room
				.map(({ step, waits, wrong }) =>
					[
						waits > 0 ? `${counted(waits, 'phone')} asked to wait at step ${step + 1}` : '',
						wrong > 0 ? `${counted(wrong, 'piece')} went wrong at step ${step + 1}` : ''
					]
						.filter(Boolean)
						.join(', ')
				)
				.join('; ')}.
		</p>
	{/if}
	<TakenBar planned={taken.planned} taken={taken.seconds / 60} {longest} />
	<button
		type="button"
		class="btn justify-self-start"
		aria-expanded={writing}
		onclick={() => (writing = !writing)}
		>{writing ? 'Done' : 'Write'}<span class="sr-only"> on {taken.title}</span></button
	>
	{#if writing}
		<div class="grid gap-3 md:col-span-3">
			<div class="flex flex-wrap items-end gap-4">
				<CountField
					label="Minutes it took"
					value={Math.round(taken.seconds / 60)}
					least={0}
					most={600}
					wide
					onset={(minutes) => onset({ seconds: minutes * 60 })}
				/>
				<label class="flex min-h-11 cursor-pointer items-center gap-3">
					<input
						type="checkbox"
						class="size-5 accent-base-content"
						checked={taken.dropped ?? false}
						onchange={(event) =>
							onset(
								event.currentTarget.checked
									? { dropped: true, seconds: 0 }
									: { dropped: undefined, seconds: taken.planned * 60 }
							)}
					/> left out
				</label>
			</div>
			<label class="grid gap-1">
				<span class="text-quiet">A note</span>
				<textarea
					class="textarea field-sizing-content min-h-11"
					maxlength={MOST_REMARK}
					value={taken.note ?? ''}
					oninput={(event) => onset({ note: event.currentTarget.value || undefined })}></textarea>
			</label>
			<div class="grid gap-1.5">
				<label class="grid gap-1">
					<span class="text-quiet">Who struggled here, names with commas between</span>
					<input
						class="input"
						maxlength={MOST_REMARK}
						value={taken.struggled ?? ''}
						oninput={(event) => onset({ struggled: event.currentTarget.value || undefined })}
					/>
				</label>
				{#if named.length > 0}
					<p class="flex flex-wrap gap-2">
						{#each named as name (name)}
							<button
								type="button"
								class="btn btn-sm"
								class:btn-primary={struggled.includes(name)}
								aria-pressed={struggled.includes(name)}
								onclick={() => onset({ struggled: toggledName(taken.struggled ?? '', name) || undefined })}
								>{name}</button
							>
						{/each}
					</p>
				{/if}
			</div>
		</div>
	{:else if taken.note || taken.struggled}
		<p class="md:col-span-3">
			{#if taken.note}<span>{taken.note}</span>{/if}
			{#if taken.struggled}<span class="text-quiet">Struggled: {taken.struggled}</span>{/if}
		</p>
	{/if}
</li>
