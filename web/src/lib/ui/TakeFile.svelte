<script lang="ts">
  /** A file of the open format to be taken in. */
  let { label, onpick }: { label: string; onpick: (text: string) => unknown } = $props();

  async function picked(event: Event & { currentTarget: HTMLInputElement }) {
    const field = event.currentTarget;
    const text = await field.files?.[0]?.text();
    field.value = '';
    if (text !== undefined) onpick(text);
  }
</script>

<label class="flex items-center gap-2 text-sm text-soft"
  >{label}
  <input type="file" accept=".yaml,.yml,.json" onchange={(event) => void picked(event)} class="w-52 text-sm" /></label
>
