<script lang="ts">
  import type { Schemas } from "../api/client";
  import Mark from "../ui/Mark.svelte";
  import TakeOn from "./TakeOn.svelte";
  import type { DayOf } from "./day/day.svelte";

  // On every stage, on Day and on Run: with a stop that nobody has taken on this is no plan to cook by.
  let { found, day }: { found: Schemas["Finding"][]; day: DayOf } = $props();
  const stops = $derived(found.filter((each) => each.grave === "stop"));
  const open = $derived(stops.filter((each) => !each.taken_on));
</script>

{#if stops.length > 0}
  <section class="border-error bg-base-100 mb-3 rounded-lg border-4 px-4 py-2" aria-label="Stops">
    <details open={false}>
      <summary class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
        <Mark kind="stop" />
        <b class="text-error text-lg"
          >{open.length === 0
            ? `${stops.length === 1 ? "One stop" : `${stops.length} stops`}, taken on`
            : open.length === 1
              ? "A stop: no plan to cook by"
              : `${open.length} stops: no plan to cook by`}</b
        >
        <span class="min-w-0 grow basis-60">{(open[0] ?? stops[0])!.what}</span>
        <span class="link no-print">All of it</span>
      </summary>
      {#each stops as stop (stop.key)}
        <div class="border-base-300 mt-2 border-t pt-2">
          <p><b>{stop.what}</b> {stop.remedy}</p>
          <p class="quiet">{stop.source}. Your local code and your food-safety lead decide.</p>
          <TakeOn {stop} {day} />
        </div>
      {/each}
    </details>
  </section>
{/if}
