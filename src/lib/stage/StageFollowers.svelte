<script lang="ts">
	import { counted } from '$core/naming/numbers';
	import { ENOUGH } from '$core/teaching/room';
	import type { Followers } from './followers.svelte';
	import OnlyHere from '$lib/ui/OnlyHere.svelte';
	import RoomLines from './RoomLines.svelte';
	import SquareCode from '$lib/ui/SquareCode.svelte';
	import StageDrawer from './StageDrawer.svelte';
	import type { Stage } from './stage.svelte';

	/** The class on its phones: where it is opened, how many are at which step, who waits, and what was answered. */
	let { stage, followers, onclose }: { stage: Stage; followers: Followers; onclose: () => void } = $props();

	const { following, room } = $derived(followers);
	const address = $derived(following?.addresses.at(0));
	const enough = $derived(room ? Math.ceil(ENOUGH * room.following) : 0);
</script>

<StageDrawer title="On their phones" sheet {onclose}>
	{#snippet leave()}Back <kbd class="kbd hidden sm:inline-block">J</kbd>{/snippet}
	{#if followers.trouble}
		<p class="mt-4" role="alert">{followers.trouble}</p>
		<p class="mt-2">
			<button type="button" class="btn btn-outline" onclick={() => followers.open()}>Try again</button>
		</p>
	{:else if !following}
		<p class="mt-4">The class is opened …</p>
	{:else}
		{#if followers.away}<p class="mt-3" role="status">
				The server is away. Phones keep the step they have, and come back by themselves.
			</p>{/if}
		{#if following.onlyHere}
			<div class="mt-3"><OnlyHere /></div>
		{/if}
		<div class="mt-4 grid grid-cols-[8.5rem_1fr] items-center gap-4">
			<SquareCode text={address!} alt="Square code of {address}" />
			<div>
				<p class="text-quiet">The code</p>
				<p class="font-mono text-[2.1rem] leading-tight font-semibold" data-testid="code">{following.code}</p>
				<p class="mt-1 text-sm break-all">{address}</p>
				{#if following.addresses.length > 1}
					<details class="text-sm">
						<summary class="min-h-8 cursor-pointer text-quiet">If that does not open</summary>
						{#each following.addresses.slice(1) as other (other)}<p class="break-all">{other}</p>{/each}
					</details>
				{/if}
			</div>
		</div>
		{#if room}
			<div class="mt-5"><RoomLines lesson={stage.lesson} {room} /></div>
			<label class="mt-4 flex min-h-11 items-center gap-2"
				><input type="checkbox" class="size-5 accent-base-content" bind:checked={followers.onWhenEnough} /> On
				by itself when {enough > 0 ? `${enough} of ${room.following}` : 'three in four'} have it</label
			>
			{#if followers.question}
				<div class="mt-4">
					<p class="text-quiet">{counted(room.answered, 'phone')} answered</p>
					<button
						type="button"
						class="btn btn-outline"
						aria-pressed={stage.moment.answers !== null}
						onclick={() => followers.switchAnswers()}
						>{stage.moment.answers ? 'Take the answers away' : 'Show the answers'}</button
					>
				</div>
			{/if}
		{/if}
		<p class="mt-5 text-sm text-quiet">
			Nothing is known of anybody who gave no name. When the class ends, phones walk through the lesson by
			themselves for 30 days, and what they said is deleted.
		</p>
	{/if}
</StageDrawer>
