<script lang="ts">
	import { ICONS, type IconName } from './icons';

	/** An icon beside words that say the same: it is seen, not heard. */
	let { name, size, class: classes }: { name: IconName; size: number; class?: string } = $props();
</script>

<svg class={['icon', classes]} width={size} height={size} viewBox="0 0 24 24" aria-hidden="true">
	<!-- eslint-disable-next-line svelte/no-at-html-tags -- one of the icons that ship with the app -->
	{@html ICONS[name]}
</svg>
