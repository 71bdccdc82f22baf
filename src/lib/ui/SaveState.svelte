<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { save } from './save';
	import { timeSaid } from './locale';
	import { outbox } from '$lib/client/outbox.svelte';
	import { copyOf, placeOf } from '$lib/client/refused';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';
	import Icon from './Icon.svelte';

	const settings = getSettings();
	const say = ui(settings);

	/** Says whether what was done here has reached the server. */
	const signIn = $derived(
		`${resolve('/sign-in')}?to=${encodeURIComponent(page.url.pathname + page.url.search)}`
	);
	const count = $derived(outbox.letters.length);
	const waiting = $derived(say('ui-waiting', { count }));
	const time = $derived(outbox.savedAt && timeSaid(outbox.savedAt, settings.locale));
	/** there is something to say that must be seen on any page */
	const says = $derived(outbox.full || outbox.state === 'away' || outbox.state === 'out');
	const press = 'min-h-11 shrink-0 font-semibold underline lg:min-h-8';
</script>

<!-- Where there is little room or much to say it floats at the foot: nothing on the page moves when it comes and goes. -->
<p
	class={[
		'flex items-center gap-x-2 text-sm empty:hidden [&>svg]:shrink-0',
		says
			? 'fixed bottom-3 left-3 z-20 max-w-[calc(100vw-1.5rem)] rounded-xl border border-hairline bg-base-100 px-3 py-1'
			: 'max-xl:hidden xl:flex-1 xl:justify-end'
	]}
	role="status"
	data-save={outbox.state}
>
	{#if outbox.full}
		<Icon name="circle-alert" size={17} />
		<span>{say('ui-no-room')}</span>
	{:else if outbox.state === 'sending'}
		<Icon name="loader-circle" size={17} class="motion-safe:animate-spin" /> {say('ui-saving')}
	{:else if outbox.state === 'away'}
		<Icon name="cloud-off" size={17} />
		<span
			>{outbox.need
				? say('ui-server-needs', { need: outbox.need, waiting })
				: say('ui-offline', { waiting })}</span
		>
		<button type="button" class={press} onclick={() => outbox.send()}>{say('ui-try-now')}</button>
	{:else if outbox.state === 'out'}
		<Icon name="circle-alert" size={17} />
		<span>{say('ui-signed-out', { waiting })}</span>
		<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved above -->
		<a class={[press, 'content-center']} href={signIn} data-sveltekit-reload>{say('ui-sign-in')}</a>
	{:else if outbox.state === 'saved' && time}
		<Icon name="check" size={17} /> <span class="whitespace-nowrap">{say('ui-saved-at', { time })}</span>
	{/if}
</p>
{#if outbox.refusals.length > 0}
	<!-- What is wrong stands at the foot, wherever one writes. -->
	<ul
		class="fixed inset-x-0 bottom-0 z-20 grid gap-1 border-t border-hairline bg-base-100 px-5 py-2 text-sm"
		aria-label={say('ui-refused')}
	>
		{#each outbox.refusals as refusal (refusal.letter.id)}
			{@const place = placeOf(refusal.letter)}
			<li class="flex flex-wrap items-center gap-x-4" role="alert">
				<span class="flex items-center gap-2 text-error">
					<Icon name="circle-alert" size={17} class="shrink-0" />
					{refusal.message}
				</span>
				<span class="flex gap-x-6">
					<button
						type="button"
						class={press}
						onclick={() => save(copyOf(refusal), `${say('ui-refused-file')}.txt`)}
					>
						{say('ui-download-copy')}
					</button>
					{#if place !== page.url.pathname}
						<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- a page of ours -->
						<a class={[press, 'content-center']} href={place}>{say('ui-fix')}</a>
					{:else}
						<span class="content-center text-quiet">{say('ui-fix-here')}</span>
					{/if}
					<button type="button" class={press} onclick={() => outbox.letGo(refusal)}
						>{say('ui-discard')}</button
					>
				</span>
			</li>
		{/each}
	</ul>
{/if}
