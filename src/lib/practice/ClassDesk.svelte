<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import type { Medium } from '$core/technique/medium';
	import { counted } from '$core/naming/numbers';
	import { newId } from '$lib/client/id';
	import { deleteAt, postJson } from '$lib/client/requests';
	import { getSettings } from '$lib/client/settings.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
	import {
		LEARNER_CLASSES,
		learnerAt,
		learnerClassAt,
		learnersAt,
		type KeptLearner,
		type KeptLearnerClass,
		type LearnerClass
	} from '$lib/wire/practice';
	import ClassForm from './ClassForm.svelte';
	import ClassStanding from './ClassStanding.svelte';
	import LearnerLinks from './LearnerLinks.svelte';
	import { shell } from '$lib/words/shell';

	/** Classes of learners: who practises behind which link, what sits and what does not. */
	let {
		data
	}: {
		data: {
			readonly classes: readonly KeptLearnerClass[];
			readonly taught: { readonly medium: Medium; readonly names: readonly string[] };
			readonly origin: string;
			readonly onlyHere: boolean;
		};
	} = $props();

	const settings = getSettings();
	const place = shell(settings);
	const first = $derived<LearnerClass>({
		title: '',
		crossings: data.taught.names.length > 0 ? [...data.taught.names] : ['2/2 RC', '2/2 LC'],
		medium: data.taught.medium,
		level: settings.value.level,
		terms: settings.value.terms
	});
	let trouble = $state<string | null>(null);
	/** the class that is changed, by its id; a new one under a new id */
	let changing = $state<string | null>(null);
	let adding = $state<Record<string, string>>({});
	let links = $state.raw<readonly KeptLearner[] | null>(null);
	/** what is to be deleted, once it is asked again */
	let deleting = $state.raw<{ readonly says: string; readonly at: string } | null>(null);

	/** Does something on the server, and shows what came of it. */
	async function done(what: Promise<string | null>): Promise<boolean> {
		trouble = await what;
		if (!trouble) await invalidateAll();
		return trouble === null;
	}

	async function keepClass(about: LearnerClass) {
		if (await done(postJson(LEARNER_CLASSES, { classId: changing, about }))) changing = null;
	}
	async function add(classId: string) {
		const nickname = (adding[classId] ?? '').trim();
		if (!nickname) return;
		if (await done(postJson(learnersAt(classId), { learnerId: newId(), nickname }))) adding[classId] = '';
	}
	const link = (classId: string, learnerId: string, to: 'new' | 'none') =>
		done(postJson(learnersAt(classId), { learnerId, link: to }));
	async function deleteIt() {
		if (deleting && (await done(deleteAt(deleting.at)))) deleting = null;
	}
</script>

<svelte:head><title>{place('shell-classes')} · Pond Loop</title></svelte:head>

<div class="mx-auto max-w-5xl px-4 pt-8 pb-20 sm:px-7 print:hidden">
	<div class="flex flex-wrap items-center gap-4">
		<h1 class="flex-1 text-3xl">{place('shell-classes')}</h1>
		{#if data.classes.length > 0}<button
				type="button"
				class="btn btn-outline"
				onclick={() => (changing = newId())}><Icon name="plus" size={18} /> Another class</button
			>{/if}
	</div>
	<p role="alert" class="mt-2 font-semibold text-error empty:hidden">{trouble ?? ''}</p>

	{#if data.classes.length === 0}
		<div class="py-10">
			<h2 class="text-2xl">Five minutes an evening</h2>
			<p class="mt-2 max-w-prose text-lg">
				Hand out a link, on paper or as a square code. Behind it each learner practises the crosses of your
				lessons: put the numbers in order, which lie in front, what went wrong. Questions come when they are
				about to be forgotten, and here you see what sits.
			</p>
			<p class="mt-2 max-w-prose text-lg">No mail address, no password; a nickname at most.</p>
			<button type="button" class="btn mt-5 btn-primary" onclick={() => (changing = newId())}
				>Make a class</button
			>
		</div>
	{/if}

	{#each data.classes as { id, about, learners } (id)}
		<section class="mt-8" aria-label={about.title}>
			<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
				<h2 class="text-2xl">{about.title}</h2>
				<p class="min-w-0 flex-1 basis-full text-quiet sm:basis-0">{about.crossings.join(', ')}</p>
				<button type="button" class="btn btn-sm" onclick={() => (changing = id)}>Change</button>
				<button
					type="button"
					class="btn btn-sm"
					onclick={() =>
						(deleting = {
							says: `“${about.title}”, ${counted(learners.length, 'learner')} in it, and all that they answered`,
							at: learnerClassAt(id)
						})}>Delete</button
				>
			</div>
			{#if learners.length > 0}<ClassStanding {about} {learners} />{/if}
			<ul class="mt-3 grid gap-1">
				{#each learners as learner (learner.id)}
					<li class="flex flex-wrap items-center gap-2 border-b border-hairline py-1.5">
						<p class="min-w-28 flex-1 text-lg">
							{learner.nickname}{#if learner.link === null}<span class="text-quiet">
									· link withdrawn</span
								>{/if}
						</p>
						{#if learner.link !== null}
							<button type="button" class="btn btn-sm" onclick={() => (links = [learner])}>Link</button>
							<button type="button" class="btn btn-sm" onclick={() => link(id, learner.id, 'none')}
								>Withdraw</button
							>
						{:else}
							<button type="button" class="btn btn-sm" onclick={() => link(id, learner.id, 'new')}
								>New link</button
							>
						{/if}
						<button
							type="button"
							class="btn btn-sm"
							aria-label="Delete {learner.nickname}"
							onclick={() =>
								(deleting = {
									says: `${learner.nickname} and all that she or he answered`,
									at: learnerAt(id, learner.id)
								})}><Icon name="trash" size={18} /></button
						>
					</li>
				{/each}
			</ul>
			<form
				class="mt-3 flex flex-wrap gap-2"
				onsubmit={(event) => {
					event.preventDefault();
					void add(id);
				}}
			>
				<input
					class="input max-w-60"
					aria-label="A nickname for {about.title}"
					placeholder="a nickname"
					maxlength="40"
					autocomplete="off"
					bind:value={adding[id]}
				/>
				<button class="btn btn-outline">Add a learner</button>
				{#if learners.some((one) => one.link !== null)}
					<button
						type="button"
						class="btn"
						onclick={() => (links = learners.filter((one) => one.link !== null))}
						><Icon name="printer" size={18} /> All links on paper</button
					>
				{/if}
			</form>
		</section>
	{/each}

	<section class="mt-12 max-w-prose text-quiet" aria-labelledby="kept">
		<h2 id="kept" class="text-lg">What is kept of learners</h2>
		<p class="mt-1">
			A nickname that you choose, and each answer with its day: so that questions come when they are about to
			be forgotten, and you see what sits. Learners see only their own. Answers go after 400 days; all of it
			at once when you delete a learner, a class, or your account. An archive holds learners only if you ask
			for it. For children keep to nicknames, and tell their parents.
		</p>
	</section>
</div>
<PondEdge />

{#if changing}
	{@const old = data.classes.find(({ id }) => id === changing)?.about}
	<Dialog
		title={old ? 'Change the class' : 'A class'}
		bind:open={() => changing !== null, (open) => (changing = open ? changing : null)}
	>
		<ClassForm about={old ?? first} {trouble} onkeep={keepClass} />
	</Dialog>
{/if}
<Dialog
	title="Delete for good?"
	bind:open={() => deleting !== null, (open) => (deleting = open ? deleting : null)}
>
	<p>{deleting?.says} will be deleted. Nobody can bring it back.</p>
	<p class="mt-4 flex gap-2">
		<button type="button" class="btn btn-primary" onclick={deleteIt}>Delete</button>
		<button type="button" class="btn" onclick={() => (deleting = null)}>Keep</button>
	</p>
</Dialog>
{#if links}
	<LearnerLinks
		learners={links}
		origin={data.origin}
		onlyHere={data.onlyHere}
		onclose={() => (links = null)}
	/>
{/if}
