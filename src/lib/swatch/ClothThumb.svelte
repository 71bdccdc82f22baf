<script lang="ts">
	import type { Working } from '$core/fabric/fabric';
	import type { Medium } from '$core/technique/medium';
	import { getSettings } from '$lib/client/settings.svelte';
	import SwatchPicture from '$lib/drawing/SwatchPicture.svelte';
	import { whenSeen } from '$lib/ui/seen';
	import { workingFor } from './rows';

	/** The cloth of some rows, small, in a list. They are worked when it comes into sight: a shelf may be long. */
	let {
		text,
		medium,
		working = $bindable()
	}: {
		text: string;
		medium?: Medium;
		/** the rows as worked, `null` where they cannot be; nothing yet while they are being worked */
		working?: Working | null;
	} = $props();

	const settings = getSettings();

	let seen = $state(false);
	$effect(() => {
		if (seen) void workingFor({ text, medium }).then((worked) => (working = worked));
	});
</script>

<span
	{@attach whenSeen(() => (seen = true))}
	class="block h-28 w-28 shrink-0 overflow-hidden rounded-xl bg-base-100"
	aria-hidden="true"
>
	{#if working}<SwatchPicture {working} hands={settings.value} rows={16} fit="fill" />{/if}
</span>
