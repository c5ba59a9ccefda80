<script lang="ts">
  import { Attempt } from '$lib/api/attempt.svelte';
  import { api, need } from '$lib/api/client';
  import { yaml } from '$lib/api/files';
  import { loaded } from '$lib/api/loaded.svelte';
  import Button from '$lib/ui/Button.svelte';
  import Failed from '$lib/ui/Failed.svelte';
  import EditorBar from '$lib/editing/EditorBar.svelte';
  import { ListEditor } from './list-editor.svelte';
  import { readingList } from './reading-list';
  import { getSettings } from '$lib/settings/settings.svelte';
  import LevelGrid from './LevelGrid.svelte';
  import LevelNames from './LevelNames.svelte';
  import LibraryLinks from './LibraryLinks.svelte';

  const settings = getSettings();
  const figures = loaded(
    () => settings.dance,
    (dance) => need(api.GET('/api/figures', { params: { query: { dance } } }))
  );
  const read = loaded(
    () => settings.list,
    async () => {
      const { view } = await readingList(settings);
      return { view, lists: (await need(api.GET('/api/lists', { params: { query: { limit: 500 } } }))).lines };
    }
  );
  const lists = $derived(read.current?.lists ?? []);
  const attempt = new Attempt();
  let editor = $state.raw<ListEditor | null>(null);
  let file = $state<HTMLInputElement>();

  $effect(() => {
    if (!read.current) return;
    const opened = new ListEditor(read.current.view);
    editor = opened;
    return () => opened.editor.close();
  });

  async function copy() {
    const taken = new Set(lists.map((list) => list.name));
    let name = 'Our list';
    for (let n = 2; taken.has(name); n++) name = `Our list ${n}`;
    await attempt.run(async () => {
      const made = await need(api.POST('/api/lists/copies', { body: { name, from: editor?.id ?? 'starter' } }));
      settings.prefer({ list: made.id });
    });
  }

  async function readFile(picked: FileList | null) {
    const text = await picked?.[0]?.text();
    if (file) file.value = '';
    if (text === undefined) return;
    await attempt.run(async () => {
      const made = await need(api.POST('/api/lists/file', yaml(text)));
      settings.prefer({ list: made.id });
    });
  }
</script>

<LibraryLinks here="/lists" />
<div class="mb-3 flex flex-wrap items-end gap-x-3 gap-y-2">
  <h1 class="text-3xl">Lists</h1>
  <label class="text-sm text-soft"
    >read the library by
    <select
      value={editor?.id ?? ''}
      onchange={(event) => settings.prefer({ list: event.currentTarget.value })}
      class="rounded-xs border border-strong bg-raised px-1 py-0.5 text-ink"
    >
      {#each lists as list (list.id)}<option value={list.id}>{list.name}</option>{/each}
    </select></label
  >
  <span class="ml-auto flex flex-wrap gap-2">
    <Button onclick={copy} kind={editor?.starter ? 'main' : 'plain'}>Make my own from this</Button>
    <Button onclick={() => file?.click()}>Read a file</Button>
    <input
      bind:this={file}
      type="file"
      accept=".yaml,.yml,.json"
      aria-label="List file"
      class="sr-only"
      onchange={(event) => void readFile(event.currentTarget.files)}
    />
    {#if editor?.starter}
      <a
        class="rounded-xs border border-strong bg-raised px-2.5 py-1 text-sm hover:border-accent hover:text-accent"
        href="/api/lists/{editor.id}/file"
        download>File</a
      >
    {/if}
  </span>
</div>
<Failed why={attempt.failed || read.failed || figures.failed} />
{#if editor}
  {#if editor.starter}
    <p class="mb-3 max-w-prose border-l-4 border-accent pl-2 text-sm">
      {editor.note} Make a list of your own from it to change it.
    </p>
  {:else}
    <div class="mb-3 flex flex-wrap items-center gap-3">
      <input
        value={editor.name}
        maxlength="80"
        oninput={(event) => editor?.rename(event.currentTarget.value)}
        aria-label="Name of the list"
        class="w-64 rounded-xs border border-strong bg-raised px-2 py-1 font-display text-lg font-semibold"
      />
      <input
        value={editor.note}
        maxlength="500"
        oninput={(event) => editor?.remark(event.currentTarget.value)}
        aria-label="Note"
        placeholder="whose list it is, and as of when"
        class="w-80 rounded-xs border border-line bg-raised px-2 py-1 text-sm"
      />
      {#key editor}<EditorBar editor={editor.editor} onremoved={() => settings.prefer({ list: 'starter' })} />{/key}
    </div>
  {/if}
  <LevelNames {editor} />
  {#key editor}<LevelGrid {editor} figures={figures.current ?? []} />{/key}
{/if}
