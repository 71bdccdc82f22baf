<script lang="ts">
	import { claimsOfOwn } from '$core/planning/claimed';
	import type { OpenLesson } from './openLesson.svelte';
	import LessonClaims from './LessonClaims.svelte';

	/** What learners knit at home until the next time; it stands at the end of the take-home sheet. */
	let { open }: { open: OpenLesson } = $props();
</script>

<div class="grid gap-3">
	<label class="grid gap-1.5">
		<span class="font-serif text-xl font-semibold">For home</span>
		<textarea
			class="textarea field-sizing-content min-h-20"
			value={open.lesson.homework ?? ''}
			maxlength="20000"
			placeholder="A few repeats on eight stitches, for next time"
			oninput={(event) =>
				open.change(
					{ kind: 'set', fields: { homework: event.currentTarget.value } },
					{ topic: 'set homework' }
				)}></textarea>
	</label>
	<LessonClaims {open} claims={claimsOfOwn(open.lesson, 'homework')} />
</div>
