<script lang="ts">
	import type { Claim } from '$core/claims/claim';
	import { counted } from '$core/naming/numbers';
	import Icon from '$lib/ui/Icon.svelte';

	/** What words claim of crosses: what does not hold with its mend, what holds when asked. */
	let {
		claims,
		onmend
	}: {
		/** each with the text it stands in */
		claims: readonly { readonly text: string; readonly claim: Claim }[];
		onmend: (at: number, text: string) => void;
	} = $props();

	const numbered = $derived(claims.map((one, at) => ({ ...one, at })));
	const wrong = $derived(numbered.filter(({ claim }) => claim.holds === false));
	const right = $derived(numbered.filter(({ claim }) => claim.holds === true));
	const quoted = (text: string, { from, to }: Claim) => text.slice(from, to);
	const mended = (text: string, { from, to, mend }: Claim) =>
		mend ? `${text.slice(from, mend.from)}${mend.text}${text.slice(mend.to, to)}` : '';
	const whole = (text: string, { mend }: Claim) =>
		mend ? `${text.slice(0, mend.from)}${mend.text}${text.slice(mend.to)}` : text;
</script>

{#if wrong.length + right.length > 0}
	<section aria-label="What it claims" class="grid gap-3" data-testid="claims">
		{#each wrong as { text, claim, at } (at)}
			<div class="border-l-4 border-warning pl-4">
				<p>
					<span class="claim-wrong">{quoted(text, claim)}</span>
					<span class="block">Does not hold. {claim.because}</span>
				</p>
				{#if claim.mend}
					<button
						type="button"
						class="min-h-8 text-left font-semibold underline underline-offset-3"
						onclick={() => onmend(at, whole(text, claim))}>Write “{mended(text, claim)}”</button
					>
				{/if}
			</div>
		{/each}
		{#if right.length > 0}
			<details>
				<summary class="min-h-8 cursor-pointer text-quiet"
					>{counted(right.length, 'claim')} looked at: so it is</summary
				>
				<ul class="mt-1 grid gap-1.5">
					{#each right as { text, claim, at } (at)}
						<li class="flex gap-2 leading-snug">
							<Icon name="check" size={18} class="mt-0.5 shrink-0 text-success" />
							<span>“{quoted(text, claim)}” <span class="text-quiet">{claim.because}</span></span>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</section>
{/if}
