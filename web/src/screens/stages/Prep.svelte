<script lang="ts">
  import type { Plan } from "../../api/client";
  import PrepLine from "../../parts/PrepLine.svelte";

  let { plan }: { plan: Plan } = $props();
  const bench = $derived(plan.prep.filter((line) => line.bench));
  const others = $derived(plan.prep.filter((line) => !line.bench));
</script>

<div class="grid gap-3 @4xl:grid-cols-2">
  {#each bench as line (line.at)}
    <PrepLine {line} />
  {/each}
</div>
{#if others.length > 0}
  <p class="quiet mt-3">Nothing to cut, straight to Cook or Build: {others.map((line) => line.name).join(", ")}.</p>
{/if}
