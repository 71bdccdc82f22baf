<script lang="ts">
	/** The hatching of what passes behind: it reads in grey and for every kind of colour vision. */
	let { id }: { id: string } = $props();
</script>

<defs>
	<pattern {id} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(-52)">
		<line x1="0" x2="7" y1="1" y2="1" class="line-behind" stroke-width="1.7" />
	</pattern>
</defs>
