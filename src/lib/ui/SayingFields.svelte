<script lang="ts">
	import { sayingOf, sayingText } from '$core/lesson/saying';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** A saying, one text, to write for right hands and for left ones. */
	let { text, onchange }: { text: string; onchange: (text: string, which: 'right' | 'left') => void } =
		$props();

	const say = ui(getSettings());
	const saying = $derived(sayingOf(text));
	const FIELDS = $derived([
		{ which: 'right', label: say('ui-memory-aid') },
		{ which: 'left', label: say('ui-memory-aid-left') }
	] as const);
</script>

{#each FIELDS as { which, label } (which)}
	<label class="grid content-start gap-1">
		<span class="text-quiet">{label}</span>
		<textarea
			class="textarea field-sizing-content min-h-16 font-serif text-lg"
			maxlength="950"
			value={saying[which]}
			oninput={(event) => onchange(sayingText({ ...saying, [which]: event.currentTarget.value }), which)}
		></textarea>
	</label>
{/each}
