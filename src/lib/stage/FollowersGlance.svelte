<script lang="ts">
	import type { RoomNow } from '$lib/wire/follow';

	/** Those who follow, at a glance. */
	let { room, onopen }: { room: RoomNow; onopen: () => void } = $props();

	const says = $derived(
		[
			room.following === 0 ? 'Nobody follows yet' : `${room.has} of ${room.following} have it`,
			room.waits.count > 0 ? `${room.waits.count} ${room.waits.count === 1 ? 'waits' : 'wait'}` : '',
			room.wrong.count > 0 ? `${room.wrong.count} wrong` : ''
		].filter(Boolean)
	);
</script>

<button type="button" class="btn btn-outline" onclick={onopen} data-testid="glance">{says.join(' · ')}</button
>
