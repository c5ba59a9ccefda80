<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    trigger: Snippet;
    children: Snippet;
    triggerClass?: string;
    open?: boolean;
    side?: 'top' | 'right' | 'bottom' | 'left';
  }

  let { label, trigger, children, triggerClass = '', open = $bindable(false), side = 'bottom' }: Props = $props();
</script>

<Popover.Root bind:open>
  <Popover.Trigger class={triggerClass} aria-label={label}>{@render trigger()}</Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      {side}
      sideOffset={6}
      collisionPadding={8}
      aria-label={label}
      class="z-50 max-w-sm rounded-sm border border-strong bg-raised p-3 text-sm text-ink shadow-lg"
    >
      {@render children()}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
