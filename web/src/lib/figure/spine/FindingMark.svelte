<script lang="ts">
  import type { Finding, RoleName } from '$lib/api/client';
  import Button from '$lib/ui/Button.svelte';
  import Popover from '$lib/ui/Popover.svelte';
  import { getFigureEditor, type Column } from '$lib/figure/figure-editor.svelte';
  import { getSettings } from '$lib/settings/settings.svelte';

  let { findings, place }: { findings: Finding[]; place: string } = $props();
  const editor = getFigureEditor();
  const settings = getSettings();
  let reason = $state('');
  let open = $state(false);
  const gravest = $derived(
    findings.find((f) => !f.accepted && f.severity === 'broken') ??
      findings.find((f) => !f.accepted && f.severity === 'doubtful') ??
      findings.find((f) => !f.accepted) ??
      findings[0]
  );
  const look = $derived(gravest?.accepted ? 'accepted' : gravest?.severity);

  function fix(finding: Finding) {
    const change = finding.fix;
    if (!change) return;
    editor.setCell(change.role as RoleName, change.step - 1, change.column as Column, change.text);
    editor.settle();
    open = false;
  }

  function accept(finding: Finding) {
    editor.accept(finding.rule, finding.role, finding.step, reason.trim());
    reason = '';
    open = false;
  }
</script>

{#if gravest}
  <Popover
    bind:open
    label="{findings.length} {findings.length === 1 ? 'finding' : 'findings'} {place}: {settings.say(gravest.reason)}"
    triggerClass="finding-mark flex size-6 items-center justify-center rounded-xs"
  >
    {#snippet trigger()}
      <svg viewBox="0 0 20 20" class="size-5" aria-hidden="true">
        {#if look === 'broken'}
          <path d="M10 1L19 18H1Z" fill="var(--color-broken)" />
          <path d="M10 7V12M10 14.5V15.5" stroke="var(--color-raised)" stroke-width="2" />
        {:else if look === 'doubtful'}
          <circle cx="10" cy="10" r="7" fill="none" stroke="var(--color-doubtful)" stroke-width="2.6" />
          <path d="M10 6V11M10 13V14" stroke="var(--color-doubtful)" stroke-width="2" />
        {:else if look === 'note'}
          <path d="M4 3H16V17H4ZM7 7H13M7 10H13" fill="none" stroke="var(--color-soft)" stroke-width="1.6" />
        {:else}
          <path d="M4 11L8 15L16 5" fill="none" stroke="var(--color-soft)" stroke-width="2" />
        {/if}
      </svg>
    {/snippet}
    <ul class="flex flex-col gap-3">
      {#each findings as finding, nth (nth)}
        <li>
          <p
            class={[
              'font-semibold',
              finding.severity === 'broken'
                ? 'text-broken'
                : finding.severity === 'note'
                  ? 'text-soft'
                  : 'text-doubtful'
            ]}
          >
            {finding.accepted ? 'accepted' : finding.severity}
            <span class="font-normal text-soft">{finding.rule}</span>
          </p>
          <p>{settings.say(finding.reason)}</p>
          {#if finding.accepted}
            <p class="text-soft">Accepted: {finding.accepted}</p>
          {:else if !editor.locked}
            <div class="mt-1.5 flex flex-wrap items-center gap-1.5">
              {#if finding.fix}<Button kind="main" onclick={() => fix(finding)}>{finding.fix.label}</Button>{/if}
              <input
                bind:value={reason}
                aria-label="Reason for accepting"
                placeholder="or accept, because…"
                maxlength="500"
                class="w-40 rounded-xs border border-line bg-sheet px-1.5 py-0.5"
              />
              <Button disabled={reason.trim() === ''} onclick={() => accept(finding)}>Accept</Button>
            </div>
          {/if}
        </li>
      {/each}
    </ul>
  </Popover>
{/if}
