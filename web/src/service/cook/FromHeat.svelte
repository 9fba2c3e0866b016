<script lang="ts">
  import type { Cooking } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import LotPath from "../day/LotPath.svelte";

  // Each batch of what is cooked, from the heat to the plate, as the day has it. Last on the screen: it comes
  // when the day is solved, and moves nothing.
  let { batch, desk }: { batch: Cooking; desk: Desk } = $props();
  const lots = $derived(
    (desk.day.roster?.lots ?? []).filter(
      (lot) => lot.task === batch.at || lot.task.startsWith(`${batch.at}/load/`),
    ),
  );
</script>

{#if lots.length > 0}
  <section class="tray mt-3 min-w-0" aria-label="From the heat to the plate">
    <h2 class="text-2xl">
      From the heat to the plate <span class="quiet text-base font-normal"
        >{batch.control === "clock" ? "on the clock" : "cooled"}; chosen on Day</span
      >
    </h2>
    {#each lots as lot (lot.task)}
      <p class="mt-2">
        {lot.batch ? `Batch ${lot.batch}: ` : ""}out {lot.out} of {lot.limit}
      </p>
      <LotPath {lot} />
    {/each}
  </section>
{/if}
