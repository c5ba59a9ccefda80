<script lang="ts">
  import type { RoleName, WorkView } from '$lib/api/client';
  import Button from '$lib/components/ui/Button.svelte';
  import { getSettings } from '$lib/state/settings.svelte';
  import FloorBoards from './FloorBoards.svelte';
  import FootMark from './FootMark.svelte';
  import { around, away, shaped } from './geometry';

  interface Props {
    work: WorkView;
    focus: { role: RoleName; step: number } | null;
    onfocus: (focus: { role: RoleName; step: number }) => void;
  }

  let { work, focus, onfocus }: Props = $props();
  const settings = getSettings();
  const RATIO = 1.5;

  let only = $state<'both' | RoleName>('both');
  let moment = $state(-1);
  const feet = $derived(work.floor.feet);
  const onsets = $derived([...new Set(feet.map((f) => f.onset))].sort((a, b) => a - b));
  const at = $derived(Math.min(moment, onsets.length - 1));
  const shown = $derived(
    feet.filter((f) => (only === 'both' || f.role === only) && (at < 0 || f.onset <= (onsets[at] ?? 0) + 0.001))
  );
  const box = $derived(shaped(around([...feet, work.floor.startMan, work.floor.startLady], 0.34, 1.6), RATIO));
  const now = $derived(at < 0 ? (feet.at(-1)?.onset ?? 0) : (onsets[at] ?? 0));
  const bodies = $derived(
    (['man', 'lady'] as const).flatMap((role) => {
      if (only !== 'both' && only !== role) return [];
      const last = feet.filter((f) => f.role === role && f.onset <= now + 0.001).at(-1);
      return last ? [last] : [];
    })
  );
  const tracks = $derived(
    (['man', 'lady'] as const).map((role) => {
      const start = role === 'man' ? work.floor.startMan : work.floor.startLady;
      const points = shown.filter((f) => f.role === role).map((f) => `${f.cx} ${f.cy}`);
      return { role, d: points.length ? `M${start.x} ${start.y}L${points.join('L')}` : '' };
    })
  );

  function step(by: number) {
    moment = at < 0 ? (by > 0 ? 0 : onsets.length - 1) : at + by >= onsets.length || at + by < 0 ? -1 : at + by;
    const first = moment < 0 ? undefined : feet.find((f) => f.onset === onsets[moment]);
    if (first) onfocus({ role: first.role as RoleName, step: first.number });
  }

  const lit = (role: string, number: number, onset: number) =>
    focus ? focus.role === role && focus.step === number : at >= 0 && Math.abs(onset - now) < 0.001;
</script>

<section aria-label="Floor" class="flex flex-col gap-1">
  <div class="flex items-center gap-1 text-sm">
    <h2 class="mr-auto text-base">Floor</h2>
    <Button kind="quiet" onclick={() => step(-1)} aria-label="Step back">‹ step</Button>
    <span class="min-w-16 text-center text-soft" aria-live="polite">{at < 0 ? 'all steps' : `beat ${now + 1}`}</span>
    <Button kind="quiet" onclick={() => step(1)} aria-label="Step on">step ›</Button>
    <Button kind="quiet" onclick={() => (moment = -1)} disabled={at < 0}>all</Button>
    <label class="ml-1 text-soft"
      >show
      <select bind:value={only} class="rounded-xs border border-line bg-raised px-1 py-0.5 text-ink">
        <option value="both">both</option>
        <option value="man">{settings.role('man')}</option>
        <option value="lady">{settings.role('lady')}</option>
      </select></label
    >
  </div>
  <svg
    viewBox="{box.x} {box.y} {box.width} {box.height}"
    class="w-full rounded-xs border border-line"
    role="img"
    aria-label="The feet of both dancers on the floor, line of dance to the right, wall below"
  >
    <FloorBoards {box} />
    {#each tracks as track (track.role)}
      <path
        d={track.d}
        fill="none"
        stroke="var(--color-{track.role})"
        stroke-width=".012"
        stroke-dasharray=".04 .04"
        opacity=".8"
      />
    {/each}
    {#each shown as foot (foot.role + foot.number)}
      <FootMark {foot} lit={lit(foot.role, foot.number, foot.onset)} faint={at >= 0 && foot.onset < now - 1.001} />
    {/each}
    {#each bodies as body (body.role)}
      {@const left = away(body.cx, body.cy, 0.2, body.body - 4)}
      {@const right = away(body.cx, body.cy, 0.2, body.body + 4)}
      {@const nose = away(body.cx, body.cy, 0.11, body.body)}
      <g stroke="var(--color-{body.role})" stroke-width=".022" stroke-linecap="round" fill="none">
        <path d="M{left.x} {left.y}L{right.x} {right.y}M{body.cx} {body.cy}L{nose.x} {nose.y}" />
      </g>
    {/each}
    <g
      transform="translate({box.x + 0.12} {box.y + 0.16}) scale({box.width / 4.2})"
      fill="var(--color-wall)"
      stroke="var(--color-wall)"
    >
      <path d="M0 0H.5M.42 -.05L.5 0L.42 .05" stroke-width=".018" fill="none" />
      <text x=".58" y=".035" font-size=".12" stroke="none">line of dance</text>
    </g>
    <text
      x={box.x + box.width - 0.1}
      y={box.y + 0.2}
      font-size={box.width / 36}
      text-anchor="end"
      fill="var(--color-wall)">centre</text
    >
    <text
      x={box.x + box.width - 0.1}
      y={box.y + box.height - 0.08}
      font-size={box.width / 36}
      text-anchor="end"
      fill="var(--color-wall)">wall</text
    >
    <g
      transform="translate({box.x + 0.12} {box.y + box.height - 0.1})"
      stroke="var(--color-wall)"
      stroke-width=".014"
      fill="none"
    >
      <path d="M0 -.05V0H1V-.05" />
      <text x="1.05" y=".01" font-size={box.width / 36} stroke="none" fill="var(--color-wall)">1 m</text>
    </g>
  </svg>
</section>
