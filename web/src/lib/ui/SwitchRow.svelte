<script lang="ts">
  import { RadioGroup } from 'bits-ui';

  interface Props {
    label: string;
    value: string;
    options: { value: string; label: string }[];
    onpick: (value: string) => void;
  }

  let { label, value, options, onpick }: Props = $props();
</script>

<RadioGroup.Root {value} onValueChange={onpick} aria-label={label} class="flex" orientation="horizontal">
  {#each options as option, nth (nth)}
    <RadioGroup.Item
      value={option.value}
      aria-label={option.label}
      class="-ml-px border border-strong px-2 py-0.5 text-sm text-soft first:ml-0 first:rounded-l-xs last:rounded-r-xs data-[state=checked]:bg-accent data-[state=checked]:text-on-accent"
      >{option.label}</RadioGroup.Item
    >
  {/each}
</RadioGroup.Root>
