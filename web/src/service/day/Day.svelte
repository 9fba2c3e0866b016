<script lang="ts">
  import AheadTable from "./AheadTable.svelte";
  import ChanceCard from "./ChanceCard.svelte";
  import Lots from "./Lots.svelte";
  import DaySheets from "./DaySheets.svelte";
  import DayTaskCard from "./DayTaskCard.svelte";
  import DayTrouble from "./DayTrouble.svelte";
  import Fault from "../../ui/Fault.svelte";
  import Mark from "../../ui/Mark.svelte";
  import PaperCard from "./PaperCard.svelte";
  import { wallClock } from "../../ui/clock";
  import DayRail from "./DayRail.svelte";
  import type { Desk } from "../desk.svelte";

  let { desk }: { desk: Desk } = $props();
  const ZOOMS = [1, 2, 4, 8, 24, 72];
  const day = $derived(desk.day);
  const PHONE = 640;
  let zoom = $state(innerWidth < PHONE ? 2 : 8);
  let equipment = $state(true);
  let holds = $state(true);

  // Work that was to begin before now, and none of it marked.
  const over = $derived(
    !!day.roster &&
      day.roster.from < wallClock() &&
      wallClock() < day.roster.service.from &&
      day.roster.tasks.every((task) => !task.state),
  );
  const first = $derived(day.roster?.tasks.find((task) => task.placed));
</script>

{#if day.problem}<Fault problem={day.problem} />{/if}
{#if day.roster}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-3">
    {#if day.roster.service.to < wallClock()}<p class="tray">
        This service is over: its day is shown as it was planned. Under Services, <i>Again</i> makes it for
        another date.
      </p>{/if}
    {#if over}
      <p class="tray flex flex-wrap items-center gap-x-4 gap-y-2">
        <span class="grow"
          >By this plan work began on {day.roster.first}. Mark under <i>Run it</i> what is done, or plan all
          of it for the time there is left.</span
        ><button
          class="btn btn-primary h-11"
          disabled={day.busy}
          onclick={() => day.decide({ since: wallClock() })}>Plan from now</button
        >
      </p>
    {/if}
    <DayTrouble {day} />
    <section class="tray">
      <div class="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 class="mr-auto text-xl">
          {#if day.roster.stops > 0}<Mark kind="stop" /> Not to be cooked by as it is.
          {:else if day.roster.works}
            {#if day.chance && !day.chance.enough}<Mark kind="look" />{:else}<span class="text-success"
                ><Mark kind="fits" /></span
              >{/if} In time as planned.{/if}
          Begins
          {day.roster.first}{first ? ` with ${first.name.split(":")[0]}` : ""}
          {#if day.roster.in_place}<span class="block text-base font-normal"
              >{day.roster.in_place.said}</span
            >{/if}
          {#if day.roster.since}<span class="quiet block text-base font-normal"
              >Nothing before {day.roster.since}</span
            >{/if}
          {#if day.roster.around.length > 0}<span class="quiet block text-base font-normal"
              >Planned around {day.roster.around.join(", ")}: dashed</span
            >{/if}
        </h2>
        <label class="flex min-h-11 items-center gap-2"
          ><input type="checkbox" class="checkbox" bind:checked={equipment} /> Equipment</label
        >
        <label class="flex min-h-11 items-center gap-2"
          ><input type="checkbox" class="checkbox" bind:checked={holds} /> Holds</label
        >
        <label class="flex items-center gap-2"
          >Show <select class="select h-11 w-28 text-lg" bind:value={zoom}
            >{#each ZOOMS as hours (hours)}<option value={hours}
                >{hours === 72 ? "3 days" : hours === 24 ? "1 day" : `${hours} h`}</option
              >{/each}</select
          ></label
        >
        <a class="btn btn-primary h-11" href="/services/{desk.id}/run">Run it</a>
      </div>
      <DayRail {day} {equipment} {holds} hours={zoom} />
      <p class="quiet mt-1">
        Solid is hands on, hatched waits, a thick foot is the longest chain; ribbons are what stands
        ready, and how long it keeps. Choose a task: green is where it may begin, the thin line how long
        it keeps. Drag it, or use the arrow keys.
      </p>
    </section>
    {#if day.task}<DayTaskCard {day} />{/if}
    {#if day.chance}<ChanceCard chance={day.chance} />{/if}
    <AheadTable {day} />
    <Lots {day} />
    <PaperCard id={desk.id} />
    <DaySheets roster={day.roster} />
  </div>
{:else if !day.problem}
  <p class="quiet p-6">Laying out the day …</p>
{/if}
