<script lang="ts">
  import type { Schemas } from "../../api/client";
  import Mark from "../../ui/Mark.svelte";
  import { shortDay } from "../../ui/dates";
  import LotPath from "./LotPath.svelte";
  import type { DayOf } from "./day.svelte";

  // Everything that is made, and where it is until it is eaten; cold or on the clock, for what is cooked.
  let { day }: { day: DayOf } = $props();
  const lots = $derived(day.roster!.lots);
  const WAYS = [
    { way: "cold", words: "Cold" },
    { way: "clock", words: "On the clock" },
  ] as const;
  const preparation = (lot: Schemas["Lot"]) =>
    day.roster!.tasks.find((task) => task.key === lot.task)?.preparation;
  const when = (iso: string) => `${shortDay(iso.slice(0, 10))}, ${iso.slice(11)}`;
</script>

<section class="tray" aria-label="Lots">
  <div class="flex flex-wrap items-baseline gap-x-4">
    <h2 class="mr-auto text-xl">Where everything is until it is eaten</h2>
    <p class="quiet"><b>{day.roster!.rules}</b> · your local code decides</p>
  </div>
  <ul>
    {#each lots as lot (lot.task + (lot.batch ?? ""))}
      <li class="border-base-300 grid gap-x-4 gap-y-1 border-t py-2 @3xl:grid-cols-[15rem_1fr_15rem]">
        <span>
          <b class="text-lg">{lot.name}</b>{lot.batch ? `, batch ${lot.batch}` : ""}
          <span class="quiet block"
            >{#if lot.miss}<Mark kind="stop" />{/if}
            {lot.out_minutes > 0 ? `out ${lot.out} of ${lot.limit}` : "never out"}</span
          >
        </span>
        <span class="min-w-0"><LotPath {lot} /></span>
        <span class="quiet">
          Best until {when(lot.best)}<br /><b>Discard {when(lot.discard)}</b>
          {#if lot.control && lot.control !== "none" && preparation(lot)}
            <span class="join no-print mt-1">
              {#each WAYS as { way, words } (way)}<button
                  class="btn join-item h-11 {lot.control === way ? 'btn-primary' : 'btn-outline'}"
                  aria-pressed={lot.control === way}
                  aria-label="{lot.name}: {words.toLowerCase()}"
                  disabled={day.busy}
                  onclick={() => day.decide({ control: { preparation: preparation(lot)!, way } })}
                  >{words}</button
                >{/each}
            </span>
          {/if}
        </span>
      </li>
    {/each}
  </ul>
</section>
