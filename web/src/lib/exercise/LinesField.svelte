<script lang="ts">
  interface Props {
    label: string;
    value: readonly string[];
    hint?: string;
    /** Whether at least one line must stay. */
    required?: boolean;
    onchange: (lines: string[]) => void;
  }

  /** A list of sentences, one on each line. */
  let { label, value, hint = 'one on each line', required = false, onchange }: Props = $props();

  function typed(text: string) {
    const lines = text
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean);
    if (lines.length > 0 || !required) onchange(lines);
  }
</script>

<label class="flex flex-col gap-1"
  ><span><span class="font-display text-lg">{label}</span> <span class="text-sm text-soft">{hint}</span></span>
  <textarea
    rows={Math.max(3, value.length + 1)}
    value={value.join('\n')}
    onchange={(e) => typed(e.currentTarget.value)}
    class="rounded-xs border border-strong bg-raised p-2 text-sm"></textarea></label
>
