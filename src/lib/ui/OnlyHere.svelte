<script lang="ts">
	/** Said where no phone can open an address: the server listens to its own machine alone. */
</script>

<p class="rounded-xl border border-hairline p-3">
	Only this machine can open this address. For phones on the same network, start Pond Loop with
	<code>npm start -- --host 0.0.0.0</code>.
</p>
