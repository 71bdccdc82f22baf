<script lang="ts">
	import { claimsOfPart, type LessonClaim } from '$core/planning/claimed';
	import type { Part } from '$core/lesson/lesson';
	import { counted } from '$core/naming/numbers';
	import type { OpenLesson } from './openLesson.svelte';
	import Icon from '$lib/ui/Icon.svelte';

	/** What the words of a part claim of its crosses: what does not hold with its mend, what holds when asked. */
	let { open, part }: { open: OpenLesson; part: Part } = $props();

	const claims = $derived(claimsOfPart(open.lesson, part));
	const wrong = $derived(claims.filter(({ holds }) => holds === false));
	const right = $derived(claims.filter(({ holds }) => holds === true));
	const quoted = ({ where, from, to }: LessonClaim) => where.text.slice(from, to);

	function mend({ where, mend }: LessonClaim) {
		if (!mend) return;
		const { from, to, text } = mend;
		open.change(where.put(`${where.text.slice(0, from)}${text}${where.text.slice(to)}`), {
			said: 'Written so that it holds.'
		});
	}
	const mended = ({ where, from, to, mend }: LessonClaim) =>
		mend ? `${where.text.slice(from, mend.from)}${mend.text}${where.text.slice(mend.to, to)}` : '';
</script>

{#if wrong.length + right.length > 0}
	<section aria-label="What it claims" class="grid gap-3" data-testid="claims">
		{#each wrong as claim (`${claim.where.what} ${claim.from}`)}
			<div class="border-l-4 border-warning pl-4">
				<p>
					<span class="underline decoration-warning decoration-wavy underline-offset-4">{quoted(claim)}</span>
					<span class="block">Does not hold. {claim.because}</span>
				</p>
				{#if claim.mend}
					<button
						type="button"
						class="min-h-8 text-left font-semibold underline underline-offset-3"
						onclick={() => mend(claim)}>Write “{mended(claim)}”</button
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
					{#each right as claim (`${claim.where.what} ${claim.from}`)}
						<li class="flex gap-2 leading-snug">
							<Icon name="check" size={18} class="mt-0.5 shrink-0 text-success" />
							<span>“{quoted(claim)}” <span class="text-quiet">{claim.because}</span></span>
						</li>
					{/each}
				</ul>
			</details>
		{/if}
	</section>
{/if}
