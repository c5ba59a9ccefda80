<script lang="ts">
  import Aids from './Aids.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { begins, desk, opens, STAGES, type Item, type Stage } from './stages';

  interface Props {
    items: Item[];
    lesson: string;
    whom: string;
    onchange: (items: Item[], group?: string) => void;
  }

  /** The parts in order, with the reason of each; moved, cut, lengthened, and opened where they are worked on. */
  let { items, lesson, whom, onchange }: Props = $props();
  const settings = getSettings();
  const at = $derived(begins(items));

  function move(nth: number, by: number) {
    const to = nth + by;
    if (to < 0 || to >= items.length) return;
    const next = [...items];
    next.splice(to, 0, ...next.splice(nth, 1));
    onchange(next);
  }

  function lasts(nth: number, minutes: number) {
    if (minutes < 1) return;
    onchange(items.with(nth, { ...items[nth]!, minutes, fixed: true }), `minutes ${nth}`);
  }

  const set = (nth: number, change: Partial<Item>) =>
    onchange(items.with(nth, { ...items[nth]!, ...change }), `item ${nth}`);
  const add = () => onchange([...items, { stage: 'slowly', minutes: 1, weight: 3, why: '' }]);
  const small = 'px-1.5 text-soft hover:text-accent disabled:opacity-30';
</script>

<ol class="border-t border-line">
  {#each items as item, nth (nth)}
    {@const called = `${STAGES[item.stage]}${item.name ? `, ${item.name}` : ''}`}
    <li class={['flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5', item.done && 'opacity-60']}>
      <span class="w-9 text-right text-xs text-soft">{at[nth]}′</span>
      <span class="flex items-center">
        <button
          type="button"
          class={small}
          aria-label="A minute less: {called}"
          disabled={item.minutes <= 1}
          onclick={() => lasts(nth, item.minutes - 1)}>−</button
        >
        <span class={['w-7 text-center font-display text-lg', item.fixed && 'font-bold text-accent']}
          >{item.minutes}</span
        >
        <button
          type="button"
          class={small}
          aria-label="A minute more: {called}"
          onclick={() => lasts(nth, item.minutes + 1)}>+</button
        >
      </span>
      <span class="min-w-44 flex-1">
        <select
          aria-label="Part {nth + 1}"
          value={item.stage}
          onchange={(e) => set(nth, { stage: e.currentTarget.value as Stage })}
          class="field-sizing-content border-b border-transparent bg-transparent font-semibold hover:border-line"
        >
          {#each Object.entries(STAGES) as [stage, words] (stage)}<option value={stage}>{words}</option>{/each}
        </select>
        {#if item.name}<a class="hover:text-accent hover:underline" href={desk(item)}>{item.name}</a>{/if}
        <span class="block text-sm text-soft">{settings.say(item.why ?? '')}</span>
        <Aids aids={item.aids ?? []} />
      </span>
      <span class="flex items-center gap-1 text-sm">
        {#if opens(item, whom, lesson)}<a class="text-accent hover:underline" href={opens(item, whom, lesson)}>dance</a
          >{/if}
        {#if item.fixed}<button
            type="button"
            class="{small} text-xs"
            aria-label="Let the minutes adapt: {called}"
            onclick={() => set(nth, { fixed: false })}>adapt</button
          >{/if}
        <button
          type="button"
          class={small}
          aria-label="Earlier: {called}"
          disabled={nth === 0}
          onclick={() => move(nth, -1)}>↑</button
        >
        <button
          type="button"
          class={small}
          aria-label="Later: {called}"
          disabled={nth === items.length - 1}
          onclick={() => move(nth, 1)}>↓</button
        >
        <button
          type="button"
          class={small}
          aria-label="Leave out: {called}"
          onclick={() => onchange(items.filter((_, other) => other !== nth))}>×</button
        >
      </span>
    </li>
  {:else}
    <li class="max-w-prose py-3 text-soft">
      No plan yet. Choose what is worked on, and propose one: it follows the order of work, sums up to the minutes, says
      why each part is there, and leaves out what they dance clean.
    </li>
  {/each}
</ol>
{#if items.length > 0}<p class="mt-1"><Button kind="quiet" onclick={add}>Add a part</Button></p>{/if}
