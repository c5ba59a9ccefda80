<script lang="ts">
  import { page } from '$app/state';
</script>

<h1 class="mb-2 text-2xl">That did not open</h1>
<p class="max-w-prose">{page.error?.message ?? 'Something went wrong.'} What you saved is safe.</p>
<p class="mt-3"><a class="text-accent underline" href="/figures">To the figures</a></p>
