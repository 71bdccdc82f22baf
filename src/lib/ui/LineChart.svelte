<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { Chart as LineChart, Plugin } from 'chart.js';
	import { numberSaid } from '$core/locale';
	import { getSettings } from '$lib/client/settings.svelte';
	import { ui } from '$lib/words/ui';

	/** Numbers along a line, quietly: one ink, a hairline grid, what was expected as a dashed line, words at the line's end. */
	let {
		title,
		points,
		lines,
		fromZero = true
	}: {
		title: string;
		/** what stands below, one for each value of every line */
		points: readonly string[];
		lines: readonly {
			readonly says: string;
			readonly values: readonly number[];
			readonly dashed?: boolean;
		}[];
		/** whether the foot of the chart is nothing: where it is how much something changed that matters, it is not */
		fromZero?: boolean;
	} = $props();
	const settings = getSettings();
	const say = ui(settings);
	/** room for the words at the end, in pixels: a letter is about so wide */
	const LETTER = 7.5;
	const room = $derived(24 + LETTER * Math.max(...lines.map(({ says }) => says.length)));

	let canvas: HTMLCanvasElement;
	let chart = $state.raw<LineChart<'line', number[], string>>();

	const inked = (name: string) => getComputedStyle(canvas).getPropertyValue(name).trim();

	const wordsAtTheEnd: Plugin<'line'> = {
		id: 'words-at-the-end',
		afterDatasetsDraw(drawn) {
			const { ctx, data } = drawn;
			ctx.save();
			ctx.font = "500 14px 'Atkinson Hyperlegible Next Variable', sans-serif";
			ctx.fillStyle = inked('--color-base-content');
			ctx.textBaseline = 'middle';
			let below = -Infinity;
			const ends = data.datasets
				.map(({ label }, i) => ({ label: label ?? '', end: drawn.getDatasetMeta(i).data.at(-1) }))
				.flatMap(({ label, end }) => (end ? [{ label, x: end.x, y: end.y }] : []))
				.sort((a, b) => a.y - b.y);
			for (const { label, x, y } of ends) {
				below = Math.max(y, below + 16);
				ctx.fillText(label, x + 10, below);
			}
			ctx.restore();
		}
	};

	function dataNow() {
		const [ink, quiet] = [inked('--color-base-content'), inked('--color-quiet')];
		return {
			labels: [...points],
			datasets: lines.map(({ says, values, dashed }) => ({
				label: says,
				data: [...values],
				borderColor: dashed ? quiet : ink,
				backgroundColor: ink,
				borderDash: dashed ? [6, 6] : [],
				borderWidth: dashed ? 1.5 : 2.5,
				pointRadius: dashed ? 0 : 4
			}))
		};
	}

	type ChartJs = typeof import('chart.js');
	function make({ Chart, LineController, LineElement, PointElement, LinearScale, CategoryScale }: ChartJs) {
		chart?.destroy();
		Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale);
		const ticks = { color: inked('--color-base-content'), font: { size: 14 } };
		const grid = { color: inked('--color-hairline') };
		chart = new Chart<'line', number[], string>(canvas, {
			type: 'line',
			data: dataNow(),
			plugins: [wordsAtTheEnd],
			options: {
				animation: false,
				locale: settings.locale,
				maintainAspectRatio: false,
				events: [],
				layout: { padding: { right: room, top: 12 } },
				scales: {
					x: { grid: { display: false }, ticks },
					y: { beginAtZero: fromZero, grid, ticks: { ...ticks, maxTicksLimit: 5 } }
				}
			}
		});
	}

	onMount(() => {
		let gone = false;
		// Ink is the theme's: a chart is drawn anew when that changes.
		let light: MutationObserver | undefined;
		void import('chart.js').then((chartJs) => {
			if (gone) return;
			make(chartJs);
			light = new MutationObserver(() => make(chartJs));
			light.observe(document.documentElement, { attributeFilter: ['data-theme'] });
		});
		return () => {
			gone = true;
			light?.disconnect();
			chart?.destroy();
		};
	});
	$effect(() => {
		void [points, lines];
		untrack(() => {
			if (!chart) return;
			chart.data = dataNow();
			chart.update();
		});
	});
</script>

<figure class="min-w-0">
	<figcaption class="mb-1 font-semibold">{title}</figcaption>
	<div class="relative h-56"><canvas bind:this={canvas} aria-hidden="true"></canvas></div>
	<!-- A table is as wide as its words, whatever it is told: what holds it is small. -->
	<div class="sr-only">
		<table>
			<caption>{title}</caption>
			<thead>
				<tr>
					<th scope="col">{say('ui-chart-when')}</th>
					{#each lines as { says } (says)}<th scope="col">{says}</th>{/each}
				</tr>
			</thead>
			<tbody>
				{#each points as point, i (i)}
					<tr>
						<th scope="row">{point}</th>
						{#each lines as { says, values } (says)}<td>{numberSaid(values[i], settings.locale, 2)}</td
							>{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</figure>
