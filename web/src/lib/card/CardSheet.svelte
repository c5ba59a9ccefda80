<script lang="ts">
  import type { RoleName, Schemas } from '$lib/api/client';
  import type { Payload } from './payload';

  interface Props {
    motion: Schemas['MotionView'];
    only: 'both' | RoleName;
    roles: Payload['roles'];
    beat: number;
    onseek: (beat: number) => void;
  }

  /** The steps of one part line by line, the one of this moment marked; a touch goes there. */
  let { motion, only, roles, beat, onseek }: Props = $props();
  const HOW = ['align', 'turn', 'work', 'rise', 'sway', 'hip', 'bounce', 'position', 'hold', 'lead', 'note'];
  const role = $derived(only === 'both' ? (motion.dancers[0]?.role ?? 'man') : only);
  const rows = $derived(motion.rows.filter((row) => row.role === role));
  const at = $derived(rows.findLastIndex((row) => row.onset <= beat + 0.001));
  const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);
  const how = (cells: Readonly<Record<string, string>>) =>
    HOW.map((key) => (key === 'sway' && cells[key] ? `sway ${cells[key]}` : (cells[key] ?? '')))
      .filter(Boolean)
      .join(' · ')
      .replace(/\{([a-z]+)\}/g, (_all, key: string) => (roles as Record<string, string>)[key] ?? key);
</script>

<section aria-label="Steps" class="mt-4">
  <h2 class="text-lg">{capital(roles[role as 'man' | 'lady'] ?? role)}</h2>
  {#each motion.blocks as block, nth (nth)}
    {#if motion.blocks.length > 1}<h3 class="mt-3 border-b border-strong">
        {block.name} <span class="text-sm font-normal text-soft">bar {block.bar}</span>
      </h3>{/if}
    <ol>
      {#each rows as row, index (index)}
        {#if row.block === nth}
          <li class={['border-b border-line', index === at && 'bg-tint']}>
            <button
              type="button"
              class="grid w-full grid-cols-[3.2rem_1fr] gap-x-2 py-1 text-left"
              aria-current={index === at ? 'step' : undefined}
              onclick={() => onseek(row.onset)}
            >
              <span class="font-display font-semibold">{row.count}</span>
              <span class="min-w-0">
                <span class={['block font-semibold', role === 'man' ? 'text-man' : 'text-lady']}
                  >{row.cells.foot}F {row.cells.place}</span
                >
                <span class="amount block text-sm">{how(row.cells)}</span>
              </span>
            </button>
          </li>
        {/if}
      {/each}
    </ol>
  {:else}<p class="text-soft">No steps of this part are charted.</p>{/each}
</section>
