<script lang="ts">
	import { classStanding } from '$core/practice/classStanding';
	import type { KeptLearner, LearnerClass } from '$lib/wire/practice';
	import { KIND_FACTS } from '$core/practice/exercise';

	/** What sits in a class and what does not, by cross and kind: with how many, and with whom it does not. */
	let { about, learners }: { about: LearnerClass; learners: readonly KeptLearner[] } = $props();

	const seen = $derived(classStanding(about, learners, Date.now()));
</script>

{#if seen.kinds.length === 0}
	<p class="mt-2 text-quiet">Nobody has practised yet.</p>
{:else}
	<!-- On a narrow page it is scrolled, by keys too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="mt-3 overflow-x-auto" tabindex="0" role="region" aria-label="What sits in {about.title}">
		<table>
			<thead>
				<tr>
					<th scope="col" class="text-left">Cross</th>
					{#each seen.kinds as kind (kind)}<th scope="col">{KIND_FACTS[kind].name}</th>{/each}
				</tr>
			</thead>
			<tbody>
				{#each seen.crosses as { of, by } (of)}
					<tr>
						<th scope="row" class="text-left">{of}</th>
						{#each seen.kinds as kind (kind)}
							{@const cell = by[kind]}
							<td
								class:sits={cell && cell.sits === cell.asked}
								title={cell?.not.length ? `not yet: ${cell.not.join(', ')}` : undefined}
								>{cell ? `${cell.sits} of ${cell.asked}` : '–'}</td
							>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="mt-1 text-sm text-quiet">With how many it sits, of those who were asked.</p>
	{#if seen.notYet.length > 0}
		<ul class="mt-2 grid gap-1">
			{#each seen.notYet as { of, kind, who, slip } (`${kind} ${of}`)}
				<li>
					{of}, {KIND_FACTS[kind].name}: not yet with {who}{slip ? `; most often ${slip}` : ''}.
				</li>
			{/each}
		</ul>
	{/if}
{/if}

<style>
	th,
	td {
		padding: 0.4rem 0.7rem;
		border-bottom: 1px solid var(--color-hairline);
		font-size: 0.9375rem;
		text-align: center;
		white-space: nowrap;
	}
	th[scope='row'] {
		text-align: left;
		font-weight: 650;
	}
	thead th {
		color: var(--color-quiet);
		font-weight: 500;
	}
	.sits {
		font-weight: 700;
		box-shadow: inset 0 -3px 0 var(--color-accent);
	}
</style>
