<script lang="ts">
	import { MOST_REMARK } from '$core/teaching/classRecord';
	import type { Marks } from './classroom.svelte';

	/** What a teacher writes beside a part during class. */
	let { marks, onmark }: { marks: Marks; onmark: (fields: Marks) => void } = $props();
</script>

<label class="grid gap-1">
	<span>A note for afterwards</span>
	<textarea
		class="textarea min-h-24"
		maxlength={MOST_REMARK}
		value={marks.note ?? ''}
		oninput={(event) => onmark({ note: event.currentTarget.value })}></textarea>
</label>
<label class="mt-3 grid gap-1">
	<span>Who struggled here</span>
	<input
		class="input"
		maxlength={MOST_REMARK}
		value={marks.struggled ?? ''}
		oninput={(event) => onmark({ struggled: event.currentTarget.value })}
	/>
</label>
