<script lang="ts">
  import HoldSpan from "../hold/HoldSpan.svelte";
  import type { DayOf } from "./day.svelte";
  import Dot from "../../ui/Dot.svelte";

  // What may be made when: by how long it keeps, tier by tier, with the day that is chosen.
  let { day }: { day: DayOf } = $props();
  const TIERS = ["two days before", "the day before", "this morning", "last minute"];
  const DAYS = ["On the day", "Day before", "2 days before"];
  const movable = $derived(day.roster!.ahead.filter((line) => line.days === 0 && line.may.includes(1)));
  // One after the other, each solved with those before it.
  async function allAhead(): Promise<void> {
    for (const line of movable) await day.decide({ ahead: { preparation: line.preparation, days: 1 } });
  }
  const lines = $derived(day.roster!.ahead);
</script>

<section class="tray" aria-label="Made ahead">
  <div class="flex flex-wrap items-baseline gap-x-4">
    <h2 class="mr-auto text-xl">What may be made ahead</h2>
    {#if movable.length > 1}<button
        class="btn btn-outline no-print h-11 self-center"
        disabled={day.busy}
        onclick={allAhead}>Make all {movable.length} that keep the day before</button
      >{/if}
    <p class="quiet"><b>{day.roster!.rules}</b> · your local code decides</p>
  </div>
  {#each TIERS.filter((tier) => lines.some((line) => line.tier === tier)) as tier (tier)}
    <h3 class="mt-3 text-lg">{tier[0]!.toUpperCase()}{tier.slice(1)}</h3>
    <ul>
      {#each lines.filter((line) => line.tier === tier) as line (line.preparation)}
        <li
          class={[
            "border-base-300 grid items-center gap-x-4 gap-y-1 border-t py-1",
            "@3xl:grid-cols-[minmax(0,1.1fr)_minmax(0,1.4fr)_minmax(0,1.2fr)_25rem]",
          ]}
        >
          <span class="flex items-center gap-2"
            ><Dot colour={line.colour} /><b class="text-lg">{line.name}</b></span
          >
          <HoldSpan {line} roster={day.roster!} />
          <span class="quiet"
            >keeps {line.keeps}, {line.why}; used {line.used}; {line.hands} with hands</span
          >
          <span class="join no-print justify-self-end">
            {#each [...line.may].reverse() as days (days)}<button
                class="btn join-item h-11 px-2 sm:px-4 {line.days === days
                  ? 'btn-primary'
                  : 'btn-outline'}"
                aria-pressed={line.days === days}
                disabled={day.busy}
                onclick={() => day.decide({ ahead: { preparation: line.preparation, days } })}
                >{DAYS[days]}</button
              >{/each}
          </span>
        </li>
      {/each}
    </ul>
  {/each}
</section>
