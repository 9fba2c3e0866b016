<script lang="ts">
  import type { Plan } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import BuildCard from "./BuildCard.svelte";
  import ServeCard from "./ServeCard.svelte";
  import HoldPanel from "../hold/HoldPanel.svelte";

  let { plan, desk }: { plan: Plan; desk: Desk } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
  {#each plan.build as build, index (build.at)}
    <BuildCard {build} found={plan.hazards} />
    {#if plan.waves[index]}<ServeCard waves={plan.waves[index]} id={desk.id} line={index} />{/if}
    {#if plan.hold[index]}<HoldPanel
        hold={plan.hold[index]}
        found={plan.hazards}
        lots={desk.day.roster?.lots ?? []}
        service={plan.service}
        waves={plan.waves[index]}
      />{/if}
  {/each}
</div>
