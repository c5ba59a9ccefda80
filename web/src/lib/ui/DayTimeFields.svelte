<script lang="ts">
  interface Props {
    day: string;
    time: string;
  }

  /** When something is to be, by the clock on the wall. */
  let { day = $bindable(), time = $bindable() }: Props = $props();
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<label class="flex flex-col gap-1"
  ><span class="text-sm text-soft">Day</span><input type="date" bind:value={day} required class={field} /></label
>
<label class="flex flex-col gap-1"
  ><span class="text-sm text-soft">Time</span><input type="time" bind:value={time} required class={field} /></label
>
