<script lang="ts" generics="Piece extends object">
  import type { Snippet } from 'svelte';
  import Button from '$lib/ui/Button.svelte';
  import { fromTo, valued, type PieceField } from './piece-fields';

  /** A list of small records of a chart as rows of labelled fields, with one to add and one to take away. */
  interface Props {
    /** What one of them is called, such as `Part`. */
    name: string;
    items: readonly Piece[];
    fields: readonly PieceField[];
    /** One more, to be filled. */
    fresh: () => Piece;
    onchange: (items: Piece[]) => void;
    /** What belongs to one of them besides its fields. */
    more?: Snippet<[Piece, number]>;
  }

  let { name, items, fields, fresh, onchange, more }: Props = $props();
  const box = 'rounded-xs border border-line bg-raised px-1.5 py-0.5 text-sm';
  const at = (piece: Piece, key: string) => (piece as Record<string, unknown>)[key];

  function set(index: number, key: string, value: unknown) {
    onchange(items.map((item, i) => (i === index ? { ...item, [key]: value } : item)));
  }
</script>

{#each items as item, i (i)}
  <fieldset class="flex flex-wrap items-end gap-x-2 gap-y-1 border-l-2 border-line pl-2">
    <legend class="sr-only">{name} {i + 1}</legend>
    {#each fields as field (field.key)}
      {@const value = at(item, field.key)}
      {#if field.kind === 'span'}
        {@const [from, to] = fromTo(value)}
        <span class="flex items-end gap-1">
          <label class="flex flex-col text-xs text-soft"
            >from step
            <input
              class={[box, 'w-14 text-ink']}
              type="number"
              min="1"
              max="128"
              value={from}
              onchange={(e) => set(i, field.key, `${e.currentTarget.value}-${to}`)}
            /></label
          >
          <label class="flex flex-col text-xs text-soft"
            >to step
            <input
              class={[box, 'w-14 text-ink']}
              type="number"
              min="1"
              max="128"
              value={to}
              onchange={(e) => set(i, field.key, `${from}-${e.currentTarget.value}`)}
            /></label
          >
        </span>
      {:else if field.kind === 'check'}
        <label class="flex items-center gap-1 pb-0.5 text-xs text-soft">
          <input
            type="checkbox"
            checked={value === true}
            onchange={(e) => set(i, field.key, e.currentTarget.checked || undefined)}
          />{field.label}</label
        >
      {:else}
        <label class={['flex flex-col text-xs text-soft', field.wide && 'min-w-40 grow']}
          >{field.label}
          {#if field.kind === 'choice'}
            <select class={[box, 'text-ink']} {value} onchange={(e) => set(i, field.key, e.currentTarget.value)}>
              {#each field.choices ?? [] as choice (choice.value)}<option value={choice.value}>{choice.label}</option
                >{/each}
            </select>
          {:else}
            <input
              class={[box, 'text-ink', field.wide ? 'w-full' : field.kind === 'number' ? 'w-14' : 'w-24']}
              type={field.kind === 'number' ? 'number' : 'text'}
              min={field.kind === 'number' ? 1 : undefined}
              max={field.kind === 'number' ? 128 : undefined}
              placeholder={field.placeholder}
              value={value ?? ''}
              onchange={(e) => set(i, field.key, valued(field, e.currentTarget.value))}
            />
          {/if}</label
        >
      {/if}
    {/each}
    <Button
      kind="quiet"
      aria-label="Remove {name.toLowerCase()} {i + 1}"
      onclick={() => onchange(items.filter((_, nth) => nth !== i))}>Remove</Button
    >
    {@render more?.(item, i)}
  </fieldset>
{/each}
<span><Button onclick={() => onchange([...items, fresh()])}>Add {name.toLowerCase()}</Button></span>
