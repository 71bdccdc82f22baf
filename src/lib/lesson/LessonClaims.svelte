<script lang="ts">
	import type { LessonClaim } from '$core/planning/claimed';
	import ClaimsHere from './ClaimsHere.svelte';
	import type { OpenLesson } from './openLesson.svelte';

	/** What texts of a lesson claim, mended where they stand. */
	let { open, claims }: { open: OpenLesson; claims: readonly LessonClaim[] } = $props();
</script>

<ClaimsHere
	claims={claims.map((claim) => ({ text: claim.where.text, claim }))}
	onmend={(at, text) => open.change(claims[at].where.put(text), { said: 'Written so that it holds.' })}
/>
