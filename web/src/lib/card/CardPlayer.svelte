<script lang="ts">
  import type { RoleName } from '$lib/api/client';
  import { Rehearsal } from '$lib/stage/rehearsal.svelte';
  import type { Sounding } from '$lib/stage/sounds.svelte';
  import StageAbove from '$lib/stage/StageAbove.svelte';
  import Button from '$lib/ui/Button.svelte';
  import { onMount, untrack } from 'svelte';
  import CardSheet from './CardSheet.svelte';
  import type { Payload, Piece, Task } from './payload';

  interface Props {
    piece: Piece;
    task: Task | undefined;
    roles: Payload['roles'];
    /** What the bands play, where no server is asked. */
    bands?: Payload['bands'];
  }

  let { piece, task, roles, bands }: Props = $props();
  // Made anew for every piece.
  // svelte-ignore state_referenced_locally
  const { motion } = piece;
  // svelte-ignore state_referenced_locally
  const known = bands;
  const r = new Rehearsal(motion, null, known && ((dance) => Promise.resolve(known[dance])));
  let only = $state<'both' | RoleName>('both');
  const SOUNDS: { what: Sounding; word: string }[] = [
    { what: 'voice', word: 'Count' },
    { what: 'click', word: 'Click' },
    { what: 'band', word: 'Band' }
  ];
  const bar = $derived(Math.floor(r.beat / motion.beatsPerBar + 1e-6) + 1);
  const word = $derived.by(() => {
    if (r.countingIn) return 'ready';
    const role = only === 'both' ? motion.dancers[0]?.role : only;
    return r.rowsOf(role ?? '').findLast((row) => row.onset <= r.beat + 0.001)?.count ?? '';
  });

  onMount(() => r.begin());

  // Only another task sets another tempo: what the player has become meanwhile does not.
  $effect(() => {
    const { from, to } = task ?? {};
    if (to !== undefined) untrack(() => r.practise({ from: from ?? to, to }));
  });

  function pick(who: 'both' | RoleName) {
    only = who;
    r.only = who;
    r.resound();
  }
</script>

<section aria-label="Player">
  <div class="aspect-[3/2] w-full overflow-hidden rounded-xs border border-line">
    <StageAbove {motion} moment={r.moment} {only} mirrored={r.mirrored} across={3.6} />
  </div>
  <div class="mt-2 flex items-center gap-3">
    <Button kind="main" class="min-w-20 justify-center py-2" onclick={r.toggle}
      >{r.transport.playing ? 'Pause' : 'Dance'}</Button
    >
    <p class="min-w-16 font-display text-3xl font-semibold" aria-label="Said">{word || '·'}</p>
    <p class="text-sm text-soft">
      <span class="font-semibold text-ink">{r.block?.name ?? motion.name}</span><br />bar {bar}
    </p>
  </div>
  <input
    type="range"
    aria-label="Moment"
    aria-valuetext="bar {bar}"
    class="mt-2 w-full accent-accent"
    min={r.transport.begins}
    max={r.transport.end}
    step="0.05"
    value={r.beat}
    oninput={(event) => r.seek(Number(event.currentTarget.value))}
  />
  <div class="mt-1 flex flex-wrap items-center gap-2 text-sm">
    <Button aria-pressed={r.transport.loop !== null} onclick={r.loopBlock}>Loop</Button>
    <Button aria-pressed={r.countIn} onclick={() => (r.countIn = !r.countIn)}>Count in</Button>
    {#each SOUNDS as { what, word } (what)}
      <Button aria-pressed={r.sounds.loudness[what] > 0} onclick={() => r.sounds.mute(what)}>{word}</Button>
    {/each}
    <Button aria-pressed={r.mirrored} onclick={() => (r.mirrored = !r.mirrored)}>Mirror</Button>
  </div>
  <label class="mt-2 flex items-center gap-2 text-sm"
    >tempo <input
      type="range"
      class="min-w-20 flex-1 accent-accent"
      min="20"
      max="130"
      step="5"
      aria-label="Tempo in hundredths"
      value={Math.round(r.transport.rate * 100)}
      oninput={(event) => r.transport.setRate(Number(event.currentTarget.value) / 100)}
    />{r.tempo} bars a minute</label
  >
  {#if motion.dancers.length > 1}
    <div class="mt-3 flex gap-2 text-sm" role="group" aria-label="Whose part">
      <Button aria-pressed={only === 'both'} onclick={() => pick('both')}>Both</Button>
      <Button aria-pressed={only === 'man'} onclick={() => pick('man')}
        ><span class="capitalize">{roles.man}</span></Button
      >
      <Button aria-pressed={only === 'lady'} onclick={() => pick('lady')}
        ><span class="capitalize">{roles.lady}</span></Button
      >
    </div>
  {/if}
  <CardSheet {motion} {only} {roles} beat={r.beat} onseek={(beat) => r.seek(beat)} />
</section>
