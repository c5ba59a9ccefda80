<script lang="ts">
  /** Why something did not come about; nothing where it did. */
  let { why, small = false }: { why: string; small?: boolean } = $props();
</script>

{#if why}<p role="alert" class={['my-2 text-broken', small && 'text-sm']}>{why}</p>{/if}
