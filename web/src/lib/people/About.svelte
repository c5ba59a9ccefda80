<script lang="ts">
  import type { FigureSummary, RoutineSummary, Schemas } from '$lib/api/client';
  import { api, need } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import FigurePick from '$lib/library/FigurePick.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import CoupleRoles from './CoupleRoles.svelte';
  import type { CoupleEditor, GroupEditor } from './editors';
  import Goals from './Goals.svelte';
  import Members from './Members.svelte';

  interface Props {
    editor: CoupleEditor | GroupEditor;
    dances: Schemas['DanceView'][];
    routines: RoutineSummary[];
    figures: FigureSummary[];
  }

  /** Who they are and what they work on. */
  let { editor, dances, routines, figures }: Props = $props();
  const events = loaded(
    () => editor.id,
    async () => (await need(api.GET('/api/events', { params: { query: { limit: 500 } } }))).lines
  );
  type List = 'routines' | 'figures' | 'events';
  const has = (list: List, id: string) => (editor.state[list] ?? []).includes(id);
  const set = (list: List, ids: string[]) => editor.describe({ [list]: [...new Set(ids)] });
  const flip = (list: List, id: string) =>
    set(
      list,
      has(list, id) ? (editor.state[list] ?? []).filter((one) => one !== id) : [...(editor.state[list] ?? []), id]
    );
  const nameOf = (id: string) => figures.find((figure) => figure.id === id)?.name ?? id;
  const danceOf = (id: string) => dances.find((dance) => id.startsWith(`${dance.id}.`))?.title ?? '';
</script>

<div class="grid gap-8 md:grid-cols-2">
  <div class="flex flex-col gap-6">
    {#if editor.kind === 'couple'}<CoupleRoles editor={editor as CoupleEditor} {dances} />
      <Goals editor={editor as CoupleEditor} />
    {:else}<Members editor={editor as GroupEditor} />{/if}
    <label class="flex flex-col gap-1"
      ><span class="font-display text-lg">Notes</span>
      <textarea
        rows="5"
        maxlength="2000"
        value={editor.state.note ?? ''}
        oninput={(e) => editor.describe({ note: e.currentTarget.value })}
        class="rounded-xs border border-strong bg-raised p-2 text-sm"></textarea></label
    >
  </div>
  <div class="flex flex-col gap-6">
    <fieldset>
      <legend class="mb-1 font-display text-lg">Routines they dance</legend>
      <ul class="max-h-56 overflow-auto border-y border-line text-sm">
        {#each routines as routine (routine.id)}
          <li>
            <label class="flex gap-2 py-0.5"
              ><input
                type="checkbox"
                checked={has('routines', routine.id)}
                onchange={() => flip('routines', routine.id)}
              />
              {routine.name} <span class="text-soft">{routine.couple}</span></label
            >
          </li>
        {:else}<li class="py-1 text-soft">
            No routine yet. <a class="underline" href="/routines">Begin one</a>
          </li>{/each}
      </ul>
    </fieldset>
    <section aria-label="Figures they work on">
      <h2 class="mb-1 text-lg">Figures they work on</h2>
      <ul class="mb-1 text-sm">
        {#each editor.state.figures ?? [] as id (id)}
          <li class="flex items-baseline gap-2 border-t border-line py-0.5">
            <a class="hover:text-accent" href="/figures/{id}">{nameOf(id)}</a>
            <span class="text-soft">{danceOf(id)}</span>
            <Button kind="quiet" class="ml-auto" aria-label="Take out {nameOf(id)}" onclick={() => flip('figures', id)}
              >×</Button
            >
          </li>
        {/each}
      </ul>
      {#key editor.state.figures}
        <FigurePick
          label="Add a figure"
          value=""
          name=""
          onpick={(id) => id && set('figures', [...(editor.state.figures ?? []), id])}
        />
      {/key}
    </section>
    <fieldset>
      <legend class="mb-1 font-display text-lg">Events they aim at</legend>
      <Failed why={events.failed} small />
      <ul class="text-sm">
        {#each events.current ?? [] as event (event.id)}
          <li>
            <label class="flex gap-2 py-0.5"
              ><input type="checkbox" checked={has('events', event.id)} onchange={() => flip('events', event.id)} />
              {event.name} <span class="text-soft">{event.date ?? ''}</span></label
            >
          </li>
        {:else}<li class="text-soft">No event yet. <a class="underline" href="/events">Begin one</a></li>{/each}
      </ul>
    </fieldset>
  </div>
</div>
