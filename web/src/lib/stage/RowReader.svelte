<script lang="ts">
  import type { RoleName, Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';

  interface Props {
    motion: Schemas['MotionView'];
    beat: number;
    only: 'both' | RoleName;
    countingIn: boolean;
  }

  /** The row of this moment in letters that can be read from three metres, and the next one smaller. */
  let { motion, beat, only, countingIn }: Props = $props();
  const settings = getSettings();
  const roles = $derived(
    (['man', 'lady'] as const).filter(
      (role) => (only === 'both' || only === role) && motion.rows.some((row) => row.role === role)
    )
  );
  const of = $derived(
    roles.map((role) => {
      const rows = motion.rows.filter((row) => row.role === role);
      const at = rows.findLastIndex((row) => row.onset <= beat + 0.001);
      return { role, now: rows[at], next: rows[at + 1] };
    })
  );
  const bar = $derived(Math.floor(beat / motion.beatsPerBar + 1e-6) + 1);
  const within = $derived(Math.floor(beat - (bar - 1) * motion.beatsPerBar + 1e-6) + 1);
  const block = $derived(motion.blocks.findLast((one) => one.start <= beat + 0.001) ?? motion.blocks[0]);
  const inBar = $derived(((Math.floor(beat + 1e-3) % motion.beatsPerBar) + motion.beatsPerBar) % motion.beatsPerBar);
  const word = $derived(countingIn ? motion.countIn.words[inBar] : (of.find((one) => one.now)?.now?.count ?? ''));
</script>

<section aria-label="The step" class="flex min-w-0 flex-col gap-2">
  <div class="flex items-baseline gap-3 border-b-2 border-ink pb-1">
    <p class="min-w-16 font-display text-6xl leading-none font-semibold" aria-label="Count">{word || '·'}</p>
    <p class="text-sm text-soft">
      <span class="font-semibold text-ink">{block?.name ?? motion.name}</span><br />{countingIn
        ? 'counting in'
        : `bar ${bar}, beat ${within}`}
    </p>
  </div>
  {#each of as { role, now, next } (role)}
    <div class={['border-l-4 pl-2', role === 'man' ? 'border-man' : 'border-lady']}>
      <p class="text-xs text-soft">{settings.role(role)}{now ? `, step ${now.number}` : ''}</p>
      {#if now}
        <p class={['text-2xl leading-tight font-semibold', role === 'man' ? 'text-man' : 'text-lady']}>
          {now.cells.foot}F {now.cells.place}
        </p>
        <p class="amount text-lg leading-snug">
          {[
            settings.shows('turn') ? now.cells.align : '',
            settings.shows('turn') ? now.cells.turn : '',
            settings.shows('footwork') ? now.cells.work : ''
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {#if settings.shows('body')}
          <p class="text-soft">
            {[now.cells.rise, now.cells.sway && `sway ${now.cells.sway}`, now.cells.hip, now.cells.bounce]
              .filter(Boolean)
              .join(' · ')}
          </p>
        {/if}
        {#if settings.shows('lead') && now.cells.lead}<p class="italic">{settings.say(now.cells.lead)}</p>{/if}
      {:else}
        <p class="text-lg text-soft">ready</p>
      {/if}
      {#if next}<p class="mt-1 text-sm text-soft">then {next.count} {next.cells.foot}F {next.cells.place}</p>{/if}
    </div>
  {/each}
</section>
