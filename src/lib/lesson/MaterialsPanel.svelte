<script lang="ts">
	import type { Lesson } from '$core/lesson/lesson';
	import { knittedBefore, knittedBeforeSaid } from '$core/planning/knittedBefore';
	import { ratesWith } from '$core/planning/rates';
	import { getSettings } from '$lib/client/settings.svelte';
	import type { OpenLesson } from './openLesson.svelte';

	/** What the class needs, with the reason; written as freely as the rest. */
	let { open }: { open: OpenLesson } = $props();

	type Material = Lesson['materials'][number];
	const settings = getSettings();
	const materials = $derived(open.lesson.materials);
	const before = $derived(knittedBefore(open.lesson, ratesWith(settings.value.rates)).map(knittedBeforeSaid));
	let editing = $state(false);

	const set = (list: readonly Material[]) =>
		open.change(
			{ kind: 'set', fields: { materials: list as Lesson['materials'] } },
			{ topic: 'set materials' }
		);
	const change = (at: number, fields: Partial<Material>) =>
		set(materials.map((one, i) => (i === at ? { ...one, ...fields } : one)));
</script>

<section aria-label="To bring">
	<div class="mb-1.5 flex items-center justify-between gap-2">
		<h2 class="text-xl">To bring</h2>
		<button type="button" class="btn" aria-pressed={editing} onclick={() => (editing = !editing)}
			>{editing ? 'Done' : 'Change'}</button
		>
	</div>
	{#if editing}
		<ul class="grid gap-3">
			{#each materials as { what, amount }, i (i)}
				<li class="grid gap-1.5 border-b border-hairline pb-3">
					<label>
						<span class="sr-only">What</span>
						<input
							class="input"
							value={what}
							maxlength="200"
							oninput={(event) => change(i, { what: event.currentTarget.value })}
						/>
					</label>
					<span class="flex gap-2">
						<label class="min-w-0 flex-1">
							<span class="sr-only">How much</span>
							<input
								class="input"
								value={amount ?? ''}
								maxlength="200"
								placeholder="how much"
								oninput={(event) => change(i, { amount: event.currentTarget.value })}
							/>
						</label>
						<button
							type="button"
							class="btn"
							onclick={() => set(materials.filter((_, at) => at !== i))}
							aria-label="Take “{what}” off the list">Off</button
						>
					</span>
				</li>
			{/each}
		</ul>
		<button type="button" class="btn mt-3" onclick={() => set([...materials, { what: '' }])}
			>Add a line</button
		>
	{:else if materials.length === 0 && before.length === 0}
		<p class="text-quiet">Nothing yet. What parts need is found by the checks.</p>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each materials as { what, why, amount }, i (i)}
				<li class="py-2.5 leading-snug">
					<span class="font-semibold">{what}</span>{amount ? `, ${amount}` : ''}
					{#if why}<span class="block text-sm text-quiet">{why}</span>{/if}
				</li>
			{/each}
			{#each before as said (said)}
				<li class="py-2.5 leading-snug">
					<span class="font-semibold">Knitted before.</span>
					{said}
				</li>
			{/each}
		</ul>
	{/if}
</section>
