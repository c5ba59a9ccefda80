<script lang="ts">
  import type { Schemas } from '$lib/api/client';

  interface Props {
    dances: Schemas['DanceView'][];
    value: readonly string[];
    onpick: (ids: string[]) => void;
  }

  /** For which dances; none for any. */
  let { dances, value, onpick }: Props = $props();
  const flip = (id: string) => onpick(value.includes(id) ? value.filter((one) => one !== id) : [...value, id]);
</script>

<fieldset class="text-sm">
  <legend class="mb-1 font-display text-lg">Dances <span class="text-sm text-soft">none for any</span></legend>
  <div class="flex flex-wrap gap-x-4">
    {#each dances as dance (dance.id)}<label class="flex gap-1"
        ><input
          type="checkbox"
          checked={value.includes(dance.id)}
          onchange={() => flip(dance.id)}
        />{dance.title}</label
      >{/each}
  </div>
</fieldset>
