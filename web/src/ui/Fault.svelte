<script lang="ts">
  import type { Problem } from "../api/client";
  import Mark from "./Mark.svelte";

  // Nothing where there is none. What could not be loaded is kept apart from what was wrong with the last
  // deed (missing, problem), so that one never clears the other.
  let { problem }: { problem: Problem | undefined } = $props();
</script>

{#if problem}
  <div class="border-error bg-base-100 mb-3 rounded-lg border-2 p-3" role="alert">
    <p class="flex items-center gap-2">
      <Mark kind="stop" /><b>{problem.title}</b>
      {problem.remedy ?? ""}
    </p>
    {#each problem.faults as fault, index (index)}
      <p class="pl-6">{fault.what} {fault.remedy} <span class="quiet">{fault.where}</span></p>
    {/each}
  </div>
{/if}
