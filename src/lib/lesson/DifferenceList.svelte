<script lang="ts">
	import type { Difference } from '$core/lesson/differences';

	/** What is other between two versions of a lesson, part by part, with the words of both. */
	let { differences, then, now }: { differences: readonly Difference[]; then: string; now: string } =
		$props();

	const SAID = { added: 'new', removed: 'gone', moved: 'moved', changed: 'changed' } as const;
</script>

{#if differences.length === 0}
	<p>Both say the same.</p>
{:else}
	<ul class="divide-y divide-hairline">
		{#each differences as { part, title, what, fields } (part ?? '')}
			<li class="py-2.5">
				<p class="font-semibold">
					{part === null ? 'The lesson itself' : title || 'Without a title'}
					<span class="font-normal text-quiet">· {SAID[what]}</span>
				</p>
				{#each fields as field (field.field)}
					<div class="mt-1.5 grid gap-x-5 gap-y-1 sm:grid-cols-2">
						<div>
							<p class="text-sm text-quiet">{then}: {field.field}</p>
							<p class="max-h-48 overflow-auto whitespace-pre-wrap">{field.then || '(nothing)'}</p>
						</div>
						<div>
							<p class="text-sm text-quiet">{now}: {field.field}</p>
							<p class="max-h-48 overflow-auto whitespace-pre-wrap">{field.now || '(nothing)'}</p>
						</div>
					</div>
				{/each}
			</li>
		{/each}
	</ul>
{/if}
