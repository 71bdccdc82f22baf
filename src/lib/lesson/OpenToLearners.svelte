<script lang="ts">
	import { onMount } from 'svelte';
	import type * as z from 'zod/mini';
	import { resolve } from '$app/paths';
	import { deleteAt, getJson } from '$lib/client/requests';
	import { localMinute } from '$lib/client/localMinute';
	import { getSettings } from '$lib/client/settings.svelte';
	import Dialog from '$lib/ui/Dialog.svelte';
	import { daySaid } from '$lib/ui/locale';
	import { followingAt, followingsAt, openFollowingsShape } from '$lib/wire/follow';

	/** Classes of a lesson that learners may still walk through on their phones, until they are closed. */
	let { id }: { id: string } = $props();

	const settings = getSettings();
	let open = $state.raw<z.infer<typeof openFollowingsShape>['followings']>([]);
	let trouble = $state<string | null>(null);
	onMount(async () => {
		const answer = await getJson(followingsAt(id), openFollowingsShape);
		if (answer.ok) open = answer.value.followings;
	});
	const day = (ms: number) => daySaid(localMinute(ms), settings.value.locale ?? settings.locale);

	/** the class that is to be closed, once that is said again */
	let closing = $state<string | null>(null);
	let asks = $state(false);
	async function close(following: string | null) {
		asks = false;
		if (following === null) return;
		trouble = await deleteAt(followingAt(id, following));
		if (!trouble) open = open.filter((one) => one.id !== following);
	}
</script>

{#if open.length > 0 || trouble}
	<section
		class="mt-3 rounded-2xl border border-hairline bg-base-100 px-4 py-2"
		aria-label="Open to learners"
	>
		<ul class="grid gap-1">
			{#each open as { id: following, code, openedAt, closesAt, ended } (following)}
				<li class="flex flex-wrap items-center gap-x-4 gap-y-1">
					<p class="min-w-0 flex-1">
						{ended ? 'Learners may walk through the class of' : 'Learners follow the class of'}
						{day(openedAt)} at
						<a class="font-mono underline underline-offset-3" href={resolve('/follow/[code]', { code })}
							>{code}</a
						>{ended ? `, until ${day(closesAt)}` : ''}.
					</p>
					<button type="button" class="btn" onclick={() => ((closing = following), (asks = true))}
						>Close it</button
					>
				</li>
			{/each}
		</ul>
		<p role="alert" class="text-error empty:hidden">{trouble ?? ''}</p>
		<Dialog title="Close this class to learners?" bind:open={asks}>
			<p class="text-lg">
				Its address opens nothing any more, and phones lose the lesson when they next reach Pond Loop. This
				cannot be undone.
			</p>
			<p class="mt-5 flex flex-wrap gap-3">
				<button type="button" class="btn btn-primary" onclick={() => close(closing)}>Close the class</button>
				<button type="button" class="btn" onclick={() => (asks = false)}>Cancel</button>
			</p>
		</Dialog>
	</section>
{/if}
