<script lang="ts">
  import { goto } from '$app/navigation';
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need, type RoleName, type Schemas } from '$lib/api/client';
  import { loaded } from '$lib/api/loaded.svelte';
  import { Editor } from '$lib/editing/editor.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import NameField from '$lib/editing/NameField.svelte';
  import { without } from '$lib/editing/without';
  import { getSettings } from '$lib/settings/settings.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Dialog from '$lib/ui/Dialog.svelte';
  import Failed from '$lib/ui/Failed.svelte';

  /** One person: no more than dancing needs; all of it can be written out and forgotten. */
  let { view, dances }: { view: Schemas['PersonView']; dances: Schemas['DanceView'][] } = $props();
  const settings = getSettings();
  // A page is made anew for everybody.
  // svelte-ignore state_referenced_locally
  const editor = new Editor('dancer', view);
  void editor.recover();
  const attempt = new Attempt();
  let asking = $state(false);
  let touched = $state.raw<string[]>([]);
  const roles = $derived((editor.state.roles ?? []) as RoleName[]);
  const levels = $derived(editor.state.levels ?? []);
  const field = 'rounded-xs border border-strong bg-raised px-2 py-1';

  const flip = (role: RoleName) =>
    editor.describe({ roles: roles.includes(role) ? roles.filter((one) => one !== role) : [...roles, role] });

  function level(dance: string, text: string) {
    const others = levels.filter((one) => one.dance !== dance);
    editor.describe({ levels: text.trim() ? [...others, { dance, level: text }] : others }, `level ${dance}`);
  }

  function height(text: string) {
    const rest = without(editor.state, 'heightCm');
    const cm = Number(text);
    if (text.trim() === '') editor.change(rest, 'height');
    else if (Number.isInteger(cm) && cm >= 80 && cm <= 230) editor.change({ ...rest, heightCm: cm }, 'height');
  }

  /** The couples and groups that this one dances in. */
  const within = loaded(
    () => editor.id,
    async (id) => {
      const query = { params: { query: { limit: 500 } } };
      const [couples, groups] = await Promise.all([
        need(api.GET('/api/couples', query)),
        need(api.GET('/api/groups', query))
      ]);
      return [...couples.lines, ...groups.lines].filter((one) => one.dancers.includes(id));
    }
  );

  const ask = () =>
    attempt.run(async () => {
      await editor.flush();
      touched = await need(api.GET('/api/dancers/{id}/everything/touched', { params: { path: { id: editor.id } } }));
      asking = true;
    });

  const forget = () =>
    attempt.run(async () => {
      await need(api.DELETE('/api/dancers/{id}/everything', { params: { path: { id: editor.id } } }));
      // Nothing of it is sent behind it.
      editor.begin({ id: editor.id, version: editor.version, document: editor.state });
      asking = false;
      await goto('/people?of=dancers');
    });
</script>

<h1 class="sr-only">{editor.state.name}</h1>
<header class="mb-4 flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
  <NameField {editor} />
  <EditorBar {editor} onremoved={() => void goto('/people?of=dancers')} />
</header>
<Failed why={attempt.failed} />
<div class="grid gap-8 md:grid-cols-2">
  <div class="flex flex-col gap-4">
    <fieldset class="flex gap-4">
      <legend class="mb-1 font-display text-lg">Roles preferred</legend>
      {#each ['man', 'lady'] as const as role (role)}<label class="flex gap-1"
          ><input type="checkbox" checked={roles.includes(role)} onchange={() => flip(role)} />
          {settings.Role(role)}</label
        >{/each}
      <span class="text-sm text-soft">none where it does not matter</span>
    </fieldset>
    <label class="flex items-center gap-2"
      >Height <input
        type="number"
        min="80"
        max="230"
        value={editor.state.heightCm ?? ''}
        onchange={(e) => height(e.currentTarget.value)}
        class="{field} w-24"
      />
      <span class="text-sm text-soft">cm, from 80 to 230, if wanted</span></label
    >
    <label class="flex flex-col gap-1"
      ><span class="font-display text-lg">Note</span>
      <textarea
        rows="4"
        maxlength="2000"
        value={editor.state.note ?? ''}
        oninput={(e) => editor.describe({ note: e.currentTarget.value })}
        class="{field} text-sm"></textarea></label
    >
    {#if within.current?.length}
      <section aria-label="Dances in" class="text-sm">
        <h2 class="mb-1 text-lg">Dances in</h2>
        <ul class="border-t border-line">
          {#each within.current as one (one.id)}<li class="border-b border-line py-1">
              <a class="font-semibold hover:text-accent" href="/people/{one.id}">{one.name}</a>
            </li>{/each}
        </ul>
      </section>
    {/if}
    <section aria-label="Everything about this person" class="border-t border-line pt-3 text-sm">
      <h2 class="mb-1 text-lg">Everything about {editor.state.name}</h2>
      <p class="mb-2 max-w-prose text-soft">
        What is kept of somebody is theirs: it can be handed over as one file, and forgotten for good.
      </p>
      <p class="flex flex-wrap gap-2">
        <a
          class="inline-flex items-center rounded-xs border border-strong bg-raised px-2.5 py-1 hover:border-accent hover:text-accent"
          href="/api/dancers/{encodeURIComponent(editor.id)}/everything"
          download>Write everything out</a
        >
        <Button onclick={ask}>Forget this person …</Button>
      </p>
    </section>
  </div>
  <section aria-label="Levels">
    <h2 class="mb-1 text-lg">Level in each dance</h2>
    <div class="grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1 text-sm">
      {#each dances as dance (dance.id)}
        <label for="level-{dance.id}">{dance.title}</label>
        <input
          id="level-{dance.id}"
          maxlength="40"
          value={levels.find((one) => one.dance === dance.id)?.level ?? ''}
          onchange={(e) => level(dance.id, e.currentTarget.value)}
          class="{field} max-w-48"
        />
      {/each}
    </div>
  </section>
</div>

<Dialog bind:open={asking} title="Forget {editor.state.name}?">
  <p class="mb-2">This touches:</p>
  <ul class="mb-3 list-disc pl-5 text-sm">
    {#each touched as sentence (sentence)}<li>{sentence}</li>{/each}
  </ul>
  <p class="mb-3 text-sm text-soft">It does not go into the bin and cannot be undone.</p>
  <Failed why={attempt.failed} />
  <p class="flex gap-2">
    <Button kind="main" onclick={forget}>Forget for good</Button>
    <Button kind="quiet" onclick={() => (asking = false)}>Keep</Button>
  </p>
</Dialog>
