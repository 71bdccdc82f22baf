<script lang="ts">
	import { resolve } from '$app/paths';
	import Field from '$lib/ui/Field.svelte';
	import PondEdge from '$lib/ui/PondEdge.svelte';
</script>

<svelte:head><title>Follow a class · Pond Loop</title></svelte:head>

<form action={resolve('/follow')} class="mx-auto grid max-w-lg gap-4 px-5 pt-12 pb-16">
	<h1 class="text-4xl font-semibold">Follow a class</h1>
	<p class="text-lg">
		Your teacher’s screen shows a code of six letters and digits. No account is needed, and no name.
	</p>
	<Field
		label="The code"
		name="code"
		autocomplete="off"
		autocapitalize="characters"
		maxlength={20}
		required
	/>
	<button class="btn min-h-14 justify-center text-lg btn-primary">Follow</button>
</form>
<PondEdge />
