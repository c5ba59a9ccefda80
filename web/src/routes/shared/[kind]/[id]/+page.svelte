<script lang="ts">
  import { page } from '$app/state';
  import SharedClass from '$lib/shared/SharedClass.svelte';
  import SharedDanced from '$lib/shared/SharedDanced.svelte';
  import SharedPractice from '$lib/shared/SharedPractice.svelte';

  let { data } = $props();
  const kind = $derived(page.params.kind ?? '');
  const id = $derived(page.params.id ?? '');
</script>

{#key `${kind}/${id}`}
  {#if kind === 'figure' || kind === 'routine'}<SharedDanced {kind} {id} access={data.access} />
  {:else if kind === 'practice'}<SharedPractice {id} />
  {:else if kind === 'class'}<SharedClass {id} />
  {:else}<p class="text-soft">There is nothing of that kind here.</p>{/if}
{/key}
