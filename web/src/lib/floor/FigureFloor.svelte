<script lang="ts">
  import type { RoleName, WorkView } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';
  import FloorBoards from './FloorBoards.svelte';
  import FloorMarks from './FloorMarks.svelte';
  import FootMark from './FootMark.svelte';
  import { arc, around, away, shaped, turned, zoomed } from './geometry';
  import { footLabels } from './foot-labels';
  import { saveSvg } from './save-svg';

  interface Props {
    work: WorkView;
    name?: string;
    focus: { role: RoleName; step: number } | null;
    onfocus?: (focus: { role: RoleName; step: number }) => void;
    /** A small drawing without tools, for the rules page. */
    plain?: boolean;
    /** Whose rows are shown beside it. */
    whose?: 'both' | RoleName;
    /** Has it danced here. */
    ondance?: () => void;
  }

  let { work, name = 'floor', focus, onfocus, plain = false, whose = 'both', ondance }: Props = $props();
  const settings = getSettings();
  const RATIO = 1.5;

  // What is chosen for the rows goes for the feet too, until another is chosen here.
  let only = $derived<'both' | RoleName>(whose);
  let moment = $state(-1);
  let angle = $state(0);
  let zoom = $state(1);
  let onion = $state(true);
  let arcs = $state(true);
  let svg = $state<SVGSVGElement>();
  const feet = $derived(work.floor.feet);
  const onsets = $derived([...new Set(feet.map((f) => f.onset))].sort((a, b) => a - b));
  const at = $derived(Math.min(moment, onsets.length - 1));
  const now = $derived(at < 0 ? (feet.at(-1)?.onset ?? 0) : (onsets[at] ?? 0));
  const before = $derived(at > 0 ? (onsets[at - 1] ?? -1) : -1);
  const mine = $derived(feet.filter((f) => only === 'both' || f.role === only));
  const shown = $derived(mine.filter((f) => at < 0 || f.onset <= now + 0.001));
  const points = $derived([...feet, work.floor.startMan, work.floor.startLady].map((p) => turned(p, angle)));
  const whole = $derived(shaped(around(points, 0.34, 1.6), RATIO));
  const middle = $derived.by(() => {
    const last = bodies[0];
    if (zoom === 1 || !last) return { x: 0, y: 0 };
    const place = turned({ x: last.cx, y: last.cy }, angle);
    return { x: place.x - (whole.x + whole.width / 2), y: place.y - (whole.y + whole.height / 2) };
  });
  const box = $derived.by(() => {
    const near = zoomed(whole, zoom);
    return { ...near, x: near.x + middle.x, y: near.y + middle.y };
  });
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
      const path = shown.filter((f) => f.role === role).map((f) => `${f.cx} ${f.cy}`);
      return { role, d: path.length ? `M${start.x} ${start.y}L${path.join('L')}` : '' };
    })
  );
  const letters = $derived(Math.min(0.105, whole.width / 30) / Math.sqrt(zoom));
  // While stepping only what is danced now and just before is numbered.
  const labels = $derived(
    footLabels(
      shown.filter((f) => !faint(f.onset)),
      letters
    )
  );
  const turnOf = (role: string, number: number) => work[role as RoleName].rows[number - 1]?.turn ?? 0;

  function step(by: number) {
    moment = at < 0 ? (by > 0 ? 0 : onsets.length - 1) : at + by >= onsets.length || at + by < 0 ? -1 : at + by;
    const first = moment < 0 ? undefined : feet.find((f) => f.onset === onsets[moment]);
    if (first) onfocus?.({ role: first.role as RoleName, step: first.number });
  }

  const lit = (role: string, number: number, onset: number) =>
    focus ? focus.role === role && focus.step === number : at >= 0 && Math.abs(onset - now) < 0.001;
  const faint = (onset: number) => at >= 0 && onset < now - 0.001 && !(onion && Math.abs(onset - before) < 0.001);
  const field = 'rounded-xs border border-line bg-raised px-1 py-0.5 text-ink';
</script>

<section aria-label="Floor" class="flex flex-col gap-1">
  {#if !plain}
    <div class="flex flex-wrap items-center gap-1 text-sm">
      <h2 class="mr-auto text-base">Floor</h2>
      {#if ondance}<Button onclick={ondance}>Dance</Button>{/if}
      <Button kind="quiet" onclick={() => step(-1)} aria-label="Step back">‹ step</Button>
      <span class="min-w-16 text-center text-soft" aria-live="polite">{at < 0 ? 'all steps' : `beat ${now + 1}`}</span>
      <Button kind="quiet" onclick={() => step(1)} aria-label="Step on">step ›</Button>
      <Button kind="quiet" onclick={() => (moment = -1)} disabled={at < 0}>all</Button>
      <Button kind="quiet" onclick={() => svg && saveSvg(svg, `${name}.svg`)}>Save picture</Button>
    </div>
  {/if}
  <svg
    bind:this={svg}
    viewBox="{box.x} {box.y} {box.width} {box.height}"
    class="w-full rounded-xs border border-line"
    role="img"
    aria-label="The feet of both dancers on the floor{angle === 0
      ? work.floor.moving
        ? ', line of dance to the right, wall below'
        : ', wall below'
      : `, turned by ${angle} degrees`}"
  >
    <FloorBoards {box} />
    <g transform="rotate({angle})">
      {#if work.floor.circle}
        {@const circle = work.floor.circle}
        {#each [{ role: 'man', r: circle.manMetres }, { role: 'lady', r: circle.ladyMetres }] as ring (ring.role)}
          <circle
            cx={circle.x}
            cy={circle.y}
            r={ring.r}
            fill="none"
            stroke="var(--color-{ring.role})"
            stroke-width=".008"
            opacity=".55"
          />
        {/each}
        <path
          d="M{circle.x - 0.05} {circle.y}h.1M{circle.x} {circle.y - 0.05}v.1"
          stroke="var(--color-wall)"
          stroke-width=".014"
        />
      {/if}
      {#each tracks as track (track.role)}
        <path
          d={track.d}
          fill="none"
          stroke="var(--color-{track.role})"
          stroke-width=".012"
          stroke-dasharray={track.role === 'man' ? '.05 .03' : '.015 .03'}
          opacity=".8"
        />
      {/each}
      {#if at < 0 && only === 'both'}
        {#each work.floor.crossings as crossing, i (i)}
          <circle cx={crossing.x} cy={crossing.y} r=".045" fill="none" stroke="var(--color-ink)" stroke-width=".01" />
        {/each}
      {/if}
      {#each shown as foot, nth (nth)}
        {#if !(at >= 0 && !onion && foot.onset < now - 0.001)}
          <FootMark {foot} lit={lit(foot.role, foot.number, foot.onset)} faint={faint(foot.onset)} />
        {/if}
        {@const turn = turnOf(foot.role, foot.number)}
        {#if arcs && turn !== 0 && (at < 0 || Math.abs(foot.onset - now) < 0.001)}
          <path
            d={arc(foot.x, foot.y, 0.2, foot.direction, turn)}
            fill="none"
            stroke="var(--color-{foot.role})"
            stroke-width=".014"
            opacity=".7"
          />
          {@const tip = away(foot.x, foot.y, 0.2, foot.direction)}
          <circle cx={tip.x} cy={tip.y} r=".02" fill="var(--color-{foot.role})" />
        {/if}
      {/each}
      {#each labels as label, nth (nth)}
        {#if label.far}
          <path
            d="M{label.foot.x} {label.foot.y}L{label.x} {label.y}"
            stroke="var(--color-{label.role})"
            stroke-width=".006"
            opacity=".5"
          />
        {/if}
        <text
          transform="translate({label.x} {label.y}) rotate({-angle})"
          font-size={letters}
          text-anchor="middle"
          dominant-baseline="central"
          fill="var(--color-{label.role})"
          stroke="var(--color-board)"
          stroke-width={letters / 6}
          paint-order="stroke"
          font-weight={focus && label.role === focus.role && label.numbers.includes(focus.step) ? 750 : 500}
          >{label.text}</text
        >
      {/each}
      {#each bodies as body (body.role)}
        {@const left = away(body.cx, body.cy, 0.2, body.body - 4)}
        {@const right = away(body.cx, body.cy, 0.2, body.body + 4)}
        {@const nose = away(body.cx, body.cy, 0.11, body.body)}
        <g stroke="var(--color-{body.role})" stroke-width=".022" stroke-linecap="round" fill="none">
          <path d="M{left.x} {left.y}L{right.x} {right.y}M{body.cx} {body.cy}L{nose.x} {nose.y}" />
        </g>
      {/each}
    </g>
    <FloorMarks {box} {angle} moving={work.floor.moving} />
  </svg>
  {#if !plain}
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1 text-xs text-soft">
      <label class="flex items-center gap-1"
        >turned <input
          type="range"
          min="-180"
          max="180"
          step="15"
          bind:value={angle}
          class="w-24"
          aria-label="Turn the floor"
        />
        {angle}°</label
      >
      <label class="flex items-center gap-1"
        >closer <input
          type="range"
          min="1"
          max="4"
          step="0.5"
          bind:value={zoom}
          class="w-20"
          aria-label="Look closer"
        /></label
      >
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={onion} /> step before</label>
      <label class="flex items-center gap-1"><input type="checkbox" bind:checked={arcs} /> turns</label>
      <select bind:value={only} class="ml-auto {field}" aria-label="Whose feet">
        <option value="both">both</option>
        <option value="man">{settings.role('man')}</option>
        <option value="lady">{settings.role('lady')}</option>
      </select>
    </div>
    <p class="text-xs text-soft">
      The bar is the shoulders after the last step shown, the short line where the body faces{#if arcs}; an arc is the
        turn of a foot{/if}{#if at < 0 && only === 'both' && work.floor.crossings.length > 0}; a ring is where the two
        ways cross{/if}.
    </p>
    {#if work.floor.circle}
      <p class="text-xs text-soft">
        Round a common centre, <span class="amount">{work.floor.circle.turned}</span>:
        {work.floor.circle.inside === 'neither'
          ? 'both keep the same distance from it'
          : `the ${settings.role(work.floor.circle.inside)} is on the inside`} ({work.floor.circle.manMetres.toFixed(2)} m
        and
        {work.floor.circle.ladyMetres.toFixed(2)} m).
      </p>
    {/if}
  {/if}
</section>
