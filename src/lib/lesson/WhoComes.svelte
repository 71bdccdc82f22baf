<script lang="ts">
	import type { Learner } from '$core/lesson/lesson';
	import { setLearners } from '$core/lesson/learners';
	import { counted } from '$core/naming/numbers';
	import { leftHandedMends } from '$core/planning/mendTexts';
	import { newId } from '$lib/client/id';
	import { handsChosen, handsOf, wordsFor } from '$lib/ui/words';
	import Choices from '$lib/ui/Choices.svelte';
	import Field from '$lib/ui/Field.svelte';
	import type { OpenLesson } from './openLesson.svelte';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Who comes: a name or nickname, hands, words and size of print, for the sheets and what is prepared. */
	let { open }: { open: OpenLesson } = $props();

	const words = wordsFor(ui(getSettings()));

	const learners = $derived(open.lesson.learners ?? []);
	let chosen = $state<string | null>(null);
	const tips = $derived(open.lesson.leftHanded ? leftHandedMends(open.lesson) : []);

	const put = (list: readonly Learner[], topic?: string) =>
		open.change(setLearners(list), topic ? { topic } : {});
	const set = (id: string, fields: Partial<Learner>) =>
		put(
			learners.map((one) => (one.id === id ? { ...one, ...fields } : one)),
			`learner ${id} ${Object.keys(fields)[0]}`
		);

	function add() {
		const id = newId();
		put([...learners, { id, name: '', hand: 'right' }]);
		chosen = id;
	}

	const said = ({ hand, yarnHand, terms, large, remark }: Learner) =>
		[
			hand === 'left' ? 'left-handed' : '',
			yarnHand === 'left' ? 'yarn in the left hand' : '',
			terms ? `${terms.toUpperCase()} words` : '',
			large ? 'large print' : '',
			remark ?? ''
		]
			.filter(Boolean)
			.join(', ');
</script>

<section aria-label="Who comes">
	<div class="mb-1.5 flex items-center justify-between gap-2">
		<h2 class="text-xl">Who comes</h2>
		<button type="button" class="btn" onclick={add}>Add</button>
	</div>
	{#if learners.length === 0}
		<p class="text-quiet">
			Names or nicknames, if you like: each then gets a sheet of her own, and left hands are thought of.
		</p>
	{:else}
		<ul class="divide-y divide-hairline">
			{#each learners as learner (learner.id)}
				{@const { id, name } = learner}
				<li>
					<button
						type="button"
						class="w-full py-2.5 text-left leading-snug"
						aria-expanded={chosen === id}
						onclick={() => (chosen = chosen === id ? null : id)}
					>
						<span class="font-semibold">{name || 'Somebody'}</span>
						{#if said(learner)}<span class="block text-sm text-quiet">{said(learner)}</span>{/if}
					</button>
					{#if chosen === id}
						<div class="grid gap-3 pb-4">
							<Field
								label="Name or nickname"
								value={name}
								maxlength={80}
								autocomplete="off"
								oninput={(event) => set(id, { name: event.currentTarget.value })}
							/>
							<Choices
								label="Hands"
								value={handsOf(learner)}
								choices={words.hands()}
								onchoose={(to) => set(id, handsChosen(to))}
							/>
							<Choices
								label="Yarn in"
								value={learner.yarnHand ?? 'right'}
								choices={words.yarnHands()}
								onchoose={(yarnHand) => set(id, { yarnHand })}
							/>
							<Choices
								label="Words"
								value={learner.terms ?? ''}
								choices={[
									{ value: '', label: 'as the class' },
									{ value: 'us', label: 'US' },
									{ value: 'uk', label: 'UK' }
								]}
								onchoose={(terms) => set(id, { terms: terms || undefined })}
							/>
							<label class="flex min-h-11 cursor-pointer items-center gap-3">
								<input
									type="checkbox"
									class="size-5 accent-base-content"
									checked={learner.large ?? false}
									onchange={(event) => set(id, { large: event.currentTarget.checked || undefined })}
								/> large print
							</label>
							<Field
								label="A remark, for you alone"
								value={learner.remark ?? ''}
								maxlength={400}
								autocomplete="off"
								oninput={(event) => set(id, { remark: event.currentTarget.value || undefined })}
							/>
							<button
								type="button"
								class="btn justify-self-start"
								onclick={() => put(learners.filter((one) => one.id !== id))}>Take off the list</button
							>
						</div>
					{/if}
				</li>
			{/each}
		</ul>
		<p class="mt-2 text-sm text-quiet">
			{counted(learners.length, 'learner')}{open.lesson.leftHanded
				? `, ${open.lesson.leftHanded} left-handed`
				: ''}.
		</p>
	{/if}
	{#each tips as { says, changes } (says)}
		<button
			type="button"
			class="mt-1 min-h-8 text-left font-semibold underline underline-offset-3"
			onclick={() => changes.forEach((change) => open.change(change))}>{says}</button
		>
	{/each}
</section>
