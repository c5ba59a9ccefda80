<script lang="ts">
  /** A field that searches as one types; asked for only where there is more than fits on a page. */
  let { label, onfind }: { label: string; onfind: (query: string) => void } = $props();
  let timer: ReturnType<typeof setTimeout> | undefined;

  function typed(event: Event & { currentTarget: HTMLInputElement }) {
    const query = event.currentTarget.value;
    clearTimeout(timer);
    timer = setTimeout(() => onfind(query), 150);
  }
</script>

<input
  type="search"
  aria-label={label}
  placeholder={label}
  oninput={typed}
  class="w-56 rounded-xs border border-line bg-raised px-2 py-1 text-sm"
/>
