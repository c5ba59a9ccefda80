<script lang="ts">
  import { many } from '$lib/ui/many';
  import type { FigureSummary, Schemas } from '$lib/api/client';
  import { getSettings } from '$lib/settings/settings.svelte';
  import { turns } from '$lib/list/levels';
  import EndGlyph from './EndGlyph.svelte';

  interface Props {
    figure: FigureSummary;
    showDance?: boolean;
    /** Whether it is marked for comparing. */
    marked: boolean;
    onmark: () => void;
  }

  let { figure, showDance = false, marked, onmark }: Props = $props();
  const settings = getSettings();
  const words = (end: Schemas['EndView']) => `${end.alignment}, ${end.manFoot || end.ladyFoot}F`;
  const place = (end: Schemas['EndView']) => (end.outside ? 'next step outside' : end.position);
</script>

{#snippet ending(end: Schemas['EndView'], what: string)}
  <span class="flex items-center gap-1.5">
    <EndGlyph {end} solo={figure.solo} label="{what} {words(end)} in {end.position} position" />
    <span class="leading-tight"
      ><span class="block text-ink">{words(end)}</span><span class="block text-xs">{place(end)}</span></span
    >
  </span>
{/snippet}

<li class="flex items-center border-b border-line">
  <input
    type="checkbox"
    checked={marked}
    onchange={onmark}
    aria-label="Mark {figure.name} for comparing"
    class="mr-2 opacity-60 checked:opacity-100 hover:opacity-100 focus:opacity-100"
  />
  <a
    data-stop
    href="/figures/{figure.id}"
    class="flex min-w-0 grow flex-wrap items-center gap-x-3 gap-y-1 py-1 hover:bg-sheet md:flex-nowrap"
  >
    <span class="w-full min-w-0 md:w-72 md:shrink-0">
      <span class="font-display text-lg leading-tight font-semibold">{figure.name}</span>
      {#if figure.own}<span class="ml-2 rounded-xs bg-tint px-1.5 text-xs text-accent"
          >{figure.shipped ? 'your copy' : 'your figure'}</span
        >{/if}
      {#if figure.solo}<span class="ml-1 rounded-xs border border-line px-1.5 text-xs"
          >{settings.role(figure.solo)} alone</span
        >{/if}
      {#if figure.draft}<span class="ml-1 rounded-xs border border-accent px-1.5 text-xs text-accent">unsaved work</span
        >{/if}
      {#if figure.broken > 0}<span class="ml-1 rounded-xs bg-broken-tint px-1.5 text-xs font-semibold text-broken"
          >▲ {figure.broken} broken</span
        >{/if}
      {#if figure.doubtfulRows > 0}<span class="ml-1 text-xs text-doubtful" title="Rows the charter was not sure of"
          >? {many(figure.doubtfulRows, 'unsure row')}</span
        >{/if}
      <span class="block truncate text-sm text-soft"
        >{showDance
          ? `${figure.dance.replaceAll('-', ' ')}${figure.otherNames.length ? ' · ' : ''}`
          : ''}{figure.otherNames.join(' · ')}</span
      >
    </span>
    <span class="line-clamp-2 hidden min-w-0 grow text-sm leading-snug text-soft lg:block"
      >{settings.tell(figure.summary, figure.own)}</span
    >
    <span
      class="grid w-full grid-cols-[1fr_1fr_5rem] items-center gap-2 text-sm text-soft md:ml-auto md:w-[28rem] md:shrink-0 md:grid-cols-[1fr_1fr_6rem] md:gap-3"
    >
      {@render ending(figure.start, 'starts')}
      {@render ending(figure.finish, 'finishes')}
      <span class="text-right leading-tight"
        ><span class="block text-ink">{figure.bars}</span>{#each turns(figure, settings) as turn (turn)}<span
            class="amount block text-xs">{turn}</span
          >{/each}</span
      >
    </span>
  </a>
</li>
