<script lang="ts">
  import type { Plan } from "../../api/client";
  import BuildCard from "../../parts/BuildCard.svelte";
  import HoldPanel from "../../parts/HoldPanel.svelte";

  let { plan }: { plan: Plan } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
  {#each plan.build as build, index (build.at)}
    <BuildCard {build} />
    {#if plan.hold[index]}<HoldPanel hold={plan.hold[index]} service={plan.service} />{/if}
  {/each}
</div>
