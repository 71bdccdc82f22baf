<script lang="ts">
	import type { Finding } from './finding.svelte';
	import TroublePicture from './TroublePicture.svelte';

	/** What is shown of a cause, beside the questions: its picture, its sentence, and a step on or back. */
	let { finding }: { finding: Finding } = $props();
</script>

<div class="h-56 overflow-hidden rounded-2xl border border-hairline">
	<TroublePicture {finding} />
</div>
<p class="font-serif text-lg">{finding.told[finding.step].sentence}</p>
<p class="flex gap-2">
	<button
		type="button"
		class="btn btn-outline"
		disabled={finding.step === 0}
		onclick={() => finding.go(finding.step - 1)}>Back one step</button
	>
	<button
		type="button"
		class="btn btn-outline"
		disabled={finding.step >= finding.told.length - 1}
		onclick={() => finding.go(finding.step + 1)}>Next step</button
	>
</p>
