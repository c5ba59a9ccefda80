<script lang="ts">
  import { page } from '$app/state';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { words } from '$lib/api/words';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import SwitchRow from '$lib/ui/SwitchRow.svelte';
  import { tick } from 'svelte';
  import { cueKey, type Rehearsal } from './rehearsal.svelte';

  interface Props {
    r: Rehearsal;
    subject: { kind: 'figure' | 'routine'; id: string };
  }

  /** What is seen while it runs: a run that was clean, or a fault at the step of this moment. */
  let { r, subject }: Props = $props();
  const settings = getSettings();
  const id = $props.id();
  const WHOM = 'fluidframe.whom';
  const FEW = 5;
  /** A lesson sends those it is with; otherwise the last ones here. */
  const sent = page.url.searchParams.get('whom') ?? '';
  const lesson = page.url.searchParams.get('lesson') ?? '';
  const people = loaded(
    () => sent,
    async (id) => {
      const query = { params: { query: { limit: 500 } } };
      const [couples, groups] = await Promise.all([
        need(api.GET('/api/couples', query)),
        need(api.GET('/api/groups', query))
      ]);
      const everybody = [...couples.lines, ...groups.lines].map(({ id, name }) => ({ id, name }));
      const found = everybody.find((one) => one.id === id);
      if (found) whom = found.name;
      return everybody;
    }
  );
  let whom = $state(localStorage.getItem(WHOM) ?? '');
  const couple = $derived(people.current?.find((one) => one.name === whom.trim())?.id);
  /** Where a fault was seen: the beat and the run are those of the moment it was called, whatever is danced meanwhile. */
  let at = $state<{
    beat: number;
    run: string;
    role: RoleName;
    row: number;
    place: number;
    block: Schemas['StageBlock'];
  } | null>(null);
  /** What is on its way is not sent twice. */
  let sending = false;
  let typed = $state('');
  let cause = $state('');
  let cue = $state('');
  /** Danced to the side that the chart does not show. */
  let otherSide = $state(false);
  let said = $state('');
  let last = $state<number>();
  let failed = $state('');
  let kept = $state(0);
  let first = $state<HTMLInputElement>();

  const read = loaded(
    () => ({ ...subject, couple: couple ?? '', kept }),
    ({ kind, id, couple }) => need(api.GET('/api/log', { params: { query: { kind, id, couple } } }))
  );
  const log = $derived(read.current);
  $effect(() => {
    const faults = log?.faults ?? [];
    r.cues = Object.fromEntries(
      faults
        .filter((often) => often.cue !== '')
        .map((often) => [cueKey(often.figure, often.role, often.row), often.cue])
    );
  });

  function rowAt(role: RoleName, beat: number) {
    const rows = r.rowsOf(role);
    return rows.findLast((row) => row.onset <= beat + 0.001) ?? rows[0];
  }

  async function keep(run: string, fault?: Schemas['LogFault']) {
    if (sending) return false;
    sending = true;
    failed = '';
    const { transport, motion } = r;
    const stretch = transport.loop ?? { from: transport.begins, to: transport.end };
    try {
      const entry = await need(
        api.POST('/api/log', {
          body: {
            ...subject,
            name: motion.name,
            run,
            ...stretch,
            tempo: r.tempo,
            whom: whom.trim(),
            ...(couple ? { couple } : {}),
            ...(lesson ? { lesson } : {}),
            ...(r.only === 'both' ? {} : { part: r.only }),
            otherSide: subject.kind === 'figure' && otherSide,
            ...(fault ? { fault } : {})
          }
        })
      );
      last = entry.id;
      said = fault ? `Kept: ${fault.seen}, step ${fault.row}.` : `Kept: clean at ${r.tempo} bars a minute.`;
      kept++;
      return true;
    } catch (e) {
      failed = words(e);
      return false;
    } finally {
      sending = false;
    }
  }

  /** The run was clean. */
  export function clean() {
    void keep(r.runCalled);
  }

  /** Something was seen at this moment: the step stays while it is said what. */
  export async function fault() {
    const roles = r.motion.dancers.map((dancer) => dancer.role as RoleName);
    const role = r.only !== 'both' ? r.only : (roles.find((one) => one === 'lady') ?? roles[0]);
    choose(role ?? 'man', r.beat, r.run);
    await tick();
    first?.focus();
  }

  function choose(role: RoleName, beat: number, run: string) {
    const row = rowAt(role, beat);
    const block = row && r.motion.blocks[row.block];
    at = row && block ? { beat, run, role, row: row.number, place: row.block + 1, block } : null;
  }

  async function keepFault(seen: string, said: string) {
    if (!at) return;
    const { run, role, row, place, block } = at;
    const figure = { figure: block.figure ?? '', figureName: block.name };
    const why = cause.trim() === '' ? {} : { cause: cause.trim() };
    const fault = { ...figure, ...(subject.kind === 'routine' ? { place } : {}), ...why, role, row, seen, cue: said };
    if (await keep(run, fault)) close();
  }

  function close() {
    at = null;
    typed = cause = cue = '';
  }

  async function takeBack() {
    if (last === undefined) return;
    try {
      await need(api.DELETE('/api/log/{id}', { params: { path: { id: last } } }));
      said = 'Taken back.';
      last = undefined;
      kept++;
    } catch (e) {
      failed = words(e);
    }
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void keepFault(typed, cue);
  }

  const field = 'w-full rounded-xs border border-strong bg-raised px-2 py-1';
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && at && close()} />

<section aria-label="Seen" class="flex flex-col gap-1.5 border-t border-line pt-2 text-sm">
  <div class="flex flex-wrap items-center gap-1.5">
    <Button onclick={clean} title="l">Clean run</Button>
    <Button onclick={fault} aria-expanded={at !== null} title="x">Fault here</Button>
    {#if subject.kind === 'figure'}<Button
        aria-pressed={otherSide}
        title="Danced to the side that the chart does not show"
        onclick={() => (otherSide = !otherSide)}>Other side</Button
      >{/if}
    <input
      class="min-w-24 flex-1 rounded-xs border border-line bg-raised px-2 py-1"
      aria-label="For whom"
      placeholder="for whom"
      maxlength="120"
      list="people-{id}"
      bind:value={whom}
      onchange={() => localStorage.setItem(WHOM, whom)}
    />
    <datalist id="people-{id}"
      >{#each people.current ?? [] as one (one.id)}<option value={one.name}></option>{/each}</datalist
    >
  </div>
  <Failed why={failed} />
  {#if at}
    <form class="flex flex-col gap-1.5 border-l-4 border-accent bg-sheet p-2" aria-label="A fault" onsubmit={submit}>
      <div class="flex flex-wrap items-center gap-2">
        {#if !r.solo}
          <SwitchRow
            label="Whose fault"
            value={at.role}
            options={(['man', 'lady'] as const).map((role) => ({ value: role, label: settings.Role(role) }))}
            onpick={(role) => at && choose(role as RoleName, at.beat, at.run)}
          />
        {/if}
        <span>step {at.row}, {at.block.name}</span>
      </div>
      {#each at.block.faults as usual (usual.seen)}
        <button
          type="button"
          class="border-b border-line py-1 text-left hover:text-accent"
          onclick={() => keepFault(usual.seen, usual.cue)}
          >{settings.say(usual.seen)} <span class="text-soft italic">{settings.say(usual.cue)}</span></button
        >
      {/each}
      <input
        bind:this={first}
        class={field}
        aria-label="What was seen"
        placeholder="what was seen"
        maxlength="300"
        required
        bind:value={typed}
      />
      <input class={field} aria-label="Cue" placeholder="cue given" maxlength="300" bind:value={cue} />
      <input class={field} aria-label="Cause" placeholder="why it happens" maxlength="300" bind:value={cause} />
      <span class="flex gap-1"
        ><Button kind="main" type="submit">Keep</Button><Button kind="quiet" onclick={close}>Not now</Button></span
      >
    </form>
  {/if}
  {#if said}<p role="status">
      {settings.say(said)}
      {#if last !== undefined}<button type="button" class="text-accent underline" onclick={takeBack}>Take back</button
        >{/if}
    </p>{/if}
  {#if log && log.entries.length > 0}
    <p class="text-soft">
      {log.clean} of {log.runs}
      {log.runs === 1 ? 'run' : 'runs'} clean{log.fastestClean ? `, fastest at ${log.fastestClean} bars a minute` : ''}
    </p>
    <ul aria-label="Faults seen">
      {#each log.faults.slice(0, FEW) as often (`${often.figure} ${often.role} ${often.row} ${often.seen}`)}
        <li class={['border-l-4 py-0.5 pl-2', often.role === 'man' ? 'border-man' : 'border-lady']}>
          {often.times}× {settings.say(often.seen)}
          <span class="text-soft"
            >{settings.role(often.role as RoleName)}, step {often.row}{subject.kind === 'routine'
              ? `, ${often.figureName}`
              : ''}{often.cue ? ': ' : ''}<i>{settings.say(often.cue)}</i></span
          >
        </li>
      {/each}
    </ul>
  {/if}
</section>
