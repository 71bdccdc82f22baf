<script lang="ts" generics="Optional extends boolean = false">
	import { numberSaid, numberTyped } from '$core/locale';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Numbers: minutes, times, rows, lengths. What cannot be taken stays in the field, and the words say what can. */
	let {
		label,
		value,
		least,
		most = 600,
		places = 0,
		placeholder,
		optional,
		wide = false,
		onset
	}: {
		label: string;
		value: number | null | undefined;
		least: number;
		most?: number;
		/** places behind the point, or the comma; a number with some is taken when it is left, not at every key */
		places?: number;
		/** the number that holds while none is given */
		placeholder?: number;
		/** whether the field may be left empty; nothing is then said of it */
		optional?: Optional;
		/** the label stands above the field, not behind it */
		wide?: boolean;
		onset: (count: Optional extends true ? number | null : number) => void;
	} = $props();

	const settings = getSettings();
	const say = ui(settings);
	const uid = $props.id();
	let typed = $state<string | null>(null);
	const said = (number: number) => numberSaid(number, settings.locale, places);
	const numberIn = (text: string) => numberTyped(text, settings.locale);
	const good = (text: string) => {
		if (text.trim() === '') return Boolean(optional);
		const number = numberIn(text);
		return number !== null && number >= least && number <= most && isExact(number);
	};
	/** it has no more places than are taken */
	const isExact = (number: number) =>
		Math.abs(number * 10 ** places - Math.round(number * 10 ** places)) < 1e-6;
	const wrong = $derived(typed !== null && !good(typed));
	const stays = $derived(value ?? placeholder);
	const range = $derived(
		say(places > 0 ? 'ui-number-wanted' : 'ui-whole-number-wanted', { least: said(least), most: said(most) })
	);
	const wanted = $derived(
		stays === undefined ? range : say('ui-number-stays', { wanted: range, stays: said(stays) })
	);

	function set(text: string, left: boolean) {
		typed = text;
		if (!good(text) || left !== places > 0) return;
		onset((text.trim() === '' ? null : numberIn(text)) as Parameters<typeof onset>[0]);
	}
</script>

<div class={wide ? 'grid content-start gap-1' : 'flex flex-wrap items-center gap-2'}>
	<label class="text-quiet {wide ? '' : 'order-last'}" for={uid}>{label}</label>
	<input
		id={uid}
		class="input {wide ? 'w-28!' : 'w-20!'}"
		inputmode={places > 0 ? 'decimal' : 'numeric'}
		autocomplete="off"
		value={typed ?? (value == null ? '' : said(value))}
		placeholder={placeholder === undefined ? undefined : said(placeholder)}
		aria-invalid={wrong}
		aria-describedby={wrong ? `${uid}-wrong` : undefined}
		oninput={(event) => set(event.currentTarget.value, false)}
		onchange={(event) => places > 0 && set(event.currentTarget.value, true)}
		onblur={() => !wrong && (typed = null)}
	/>
	{#if wrong}
		<p id="{uid}-wrong" class="order-last w-full max-w-xs text-sm font-semibold text-error">
			{wanted}
		</p>
	{/if}
</div>
