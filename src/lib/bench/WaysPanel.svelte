<script lang="ts">
	import { factsOf } from '$core/technique/facts';
	import { isBed } from '$core/technique/medium';
	import { adviceOf } from '$core/ways/advice';
	import { getSettings } from '$lib/client/settings.svelte';
	import { GUTTER, type Subject } from './subject.svelte';
	import Icon from '$lib/ui/Icon.svelte';
	import Choices from '$lib/ui/Choices.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import RulesForm from './RulesForm.svelte';
	import WayList from './WayList.svelte';

	/** Ways to make a crossing, the search for others, and advice: needle or not, which needle, what the medium asks. */
	let { subject, chosen, onchoose }: { subject: Subject; chosen: string; onchoose: (id: string) => void } =
		$props();

	const settings = getSettings();
	let rulesOpen = $state(false);
	const hand = $derived(!isBed(subject.read.medium));
	const advice = $derived(adviceOf(subject.played, { ...subject.voice, rules: subject.rules }));
	const facts = $derived(factsOf(subject.crossing, subject.read.medium, subject.rules));
	const { search } = $derived(subject);

	const LEVELS = [
		{ value: 'beginner', label: 'a beginner' },
		{ value: 'improver', label: 'an improver' },
		{ value: 'confident', label: 'a confident knitter' }
	] as const;
	const YARNS = [
		{ value: 'grippy', label: 'grippy wool' },
		{ value: 'plain', label: 'plain yarn' },
		{ value: 'slippery', label: 'slippery or inelastic yarn' }
	] as const;
	const MOUNTS = [
		{ value: 'right', label: 'right leg in front' },
		{ value: 'left', label: 'left leg in front' }
	] as const;
	const OFTEN = [
		{ value: 'some', label: 'every few rows' },
		{ value: 'many', label: 'many in a row' },
		{ value: 'lone', label: 'one now and then' }
	] as const;
</script>

<div class="grid grid-cols-1 gap-6">
	<section class="grid grid-cols-1 gap-3">
		<h2 class="text-xl">Ways to make it</h2>
		{#if subject.ways.length > 0}
			<WayList ways={subject.ways} {chosen} {onchoose} />
		{:else}
			<p>
				No way is known here: more than three sets change places, and there are no tools or pins for that.
			</p>
		{/if}
		{#if subject.read.medium === 'machine'}
			<button
				type="button"
				class="btn justify-start! text-left"
				aria-pressed={chosen === GUTTER}
				onclick={() => onchoose(GUTTER)}
			>
				Lift the rope: hook up a gutter at each side
			</button>
		{/if}
		{#if hand}
			<div aria-live="polite" class="grid gap-2">
				{#if subject.searching === 'looking'}
					<label class="grid gap-1.5">
						<span class="text-sm">
							{subject.needsSearch
								? 'No way of this has a name. The one above is sure but long;'
								: 'Playing through what hands could do;'} looking for the shortest.
						</span>
						<progress class="search h-2.5 w-full" max="1" value={search.progress}></progress>
					</label>
					<button type="button" class="btn justify-self-start" onclick={() => search.cancel()}>
						Stop looking
					</button>
				{:else if subject.searching === 'stopped' || (subject.searching === 'idle' && !subject.needsSearch)}
					<button
						type="button"
						class="btn justify-self-start"
						onclick={() => search.start($state.snapshot(subject.played))}
					>
						<Icon name="search" size={18} />
						{subject.searching === 'stopped' ? 'Look again for the shortest way' : 'Look for other ways'}
					</button>
				{:else if subject.searching === 'found'}
					<p class="text-sm text-quiet">Looked through with no needle, one and two.</p>
				{/if}
			</div>
		{/if}
	</section>

	{#if hand}
		<section class="grid grid-cols-1 gap-2.5" aria-labelledby="advice">
			<h2 id="advice" class="text-xl">
				{advice.take === 'free' ? 'Go without a needle' : 'Take a cable needle'}
			</h2>
			<ul class="grid list-disc gap-1 pl-5">
				{#each advice.because as reason (reason)}<li>{reason}</li>{/each}
			</ul>
			<p>
				If a needle is taken: <strong>{advice.shape}, {advice.size}.</strong>
				{advice.needleBecause.join(' ')}
			</p>
			<p>{advice.yarn}</p>
			<div class="flex flex-wrap gap-x-4 gap-y-2">
				<Choices
					label="For"
					value={settings.value.level}
					choices={LEVELS}
					onchoose={(level) => settings.change({ level })}
				/>
				<Choices
					label="in"
					value={settings.value.yarn}
					choices={YARNS}
					onchoose={(yarn) => settings.change({ yarn })}
				/>
				<Choices
					label="crossing"
					value={settings.value.often}
					choices={OFTEN}
					onchoose={(often) => settings.change({ often })}
				/>
				<Choices
					label="whose stitches sit"
					value={subject.mounts}
					choices={MOUNTS}
					onchoose={(mounts) => (subject.mounts = mounts)}
				/>
				<label class="flex items-center gap-2">
					<span class="text-sm text-quiet">on needles of</span>
					<input
						type="number"
						class="min-h-10 w-20 rounded-xl border-[1.5px] border-hairline bg-base-100 px-2.5"
						min="1"
						max="25"
						step="0.25"
						value={settings.value.needleMm}
						onchange={(event) => {
							const needleMm = event.currentTarget.valueAsNumber;
							if (needleMm >= 1 && needleMm <= 25) settings.change({ needleMm });
							else event.currentTarget.value = String(settings.value.needleMm);
						}}
					/>
					<span class="text-sm text-quiet">mm</span>
				</label>
			</div>
			<button
				type="button"
				class="min-h-10 justify-self-start font-semibold underline"
				onclick={() => (rulesOpen = true)}
			>
				The rules this rests on
			</button>
		</section>
	{/if}

	<section class="grid grid-cols-1 gap-2" aria-label="What to mind">
		<h2 class="text-xl">What to mind</h2>
		<ul class="grid gap-2">
			{#each facts as { kind, text } (text)}
				<li class={kind === 'hurt' ? 'border-l-4 border-warning pl-3' : ''}>{text}</li>
			{/each}
		</ul>
		{#if !hand}
			<button
				type="button"
				class="min-h-10 justify-self-start font-semibold underline"
				onclick={() => (rulesOpen = true)}
			>
				The rules this rests on
			</button>
		{/if}
	</section>
</div>

<Dialog title="Rules of thumb" bind:open={rulesOpen}><RulesForm /></Dialog>

<style>
	.search {
		appearance: none;
		border-radius: 0.4rem;
		overflow: hidden;
		background: var(--color-base-300);
	}
	.search::-webkit-progress-bar {
		background: var(--color-base-300);
	}
	.search::-webkit-progress-value {
		background: var(--color-base-content);
	}
	.search::-moz-progress-bar {
		background: var(--color-base-content);
	}
</style>
