<script lang="ts">
  import AheadTable from "./AheadTable.svelte";
  import ChanceCard from "./ChanceCard.svelte";
  import Lots from "./Lots.svelte";
  import DaySheets from "./DaySheets.svelte";
  import DayTaskCard from "./DayTaskCard.svelte";
  import DayTrouble from "./DayTrouble.svelte";
  import OnHand from "../OnHand.svelte";
  import MovedNote from "./MovedNote.svelte";
  import TogetherCard from "./TogetherCard.svelte";
  import Fault from "../../ui/Fault.svelte";
  import Mark from "../../ui/Mark.svelte";
  import PaperCard from "./PaperCard.svelte";
  import { wallClock } from "../../ui/clock";
  import DayList from "./DayList.svelte";
  import Strands from "./Strands.svelte";
  import { mostlyBefore } from "./strands";
  import type { Desk } from "../desk.svelte";

  let { desk }: { desk: Desk } = $props();
  const day = $derived(desk.day);
  const PHONE = 640;
  let wide = $state(innerWidth);
  let equipment = $state(false);
  // Days before are folded away, unless most of the work is on them; until somebody says otherwise.
  let asked = $state<boolean>();
  const before = $derived(asked ?? (day.roster ? mostlyBefore(day.roster) : false));

  // Work that was to begin before now, and none of it marked.
  const over = $derived(
    !!day.roster &&
      day.roster.from < wallClock() &&
      wallClock() < day.roster.service.from &&
      day.roster.tasks.every((task) => !task.state),
  );
  const first = $derived(day.roster?.tasks.find((task) => task.placed));
</script>

<svelte:window bind:innerWidth={wide} />

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
        <h2 class="min-w-0 grow basis-80 text-xl">
          {#if day.roster.stops > 0}<Mark kind="stop" /> Not to be cooked by as it is.
          {:else if day.roster.works}
            {#if day.chance && !day.chance.enough}<Mark kind="look" />{:else}<span class="text-success"
                ><Mark kind="fits" /></span
              >{/if} In time as planned.{/if}
          Begins
          {day.roster.first}{first ? ` with ${first.name.split(":")[0]}` : ""}
          <span class="block text-base font-normal"
            >{day.roster.in_place?.said ?? ""}
            {#if day.roster.since}<span class="quiet">Nothing before {day.roster.since}.</span>{/if}
            {#if day.roster.around.length > 0}<span class="quiet"
                >Dashed: {day.roster.around.join(", ")}.</span
              >{/if}</span
          >
        </h2>
        {#if wide >= PHONE}
          <label class="flex min-h-11 items-center gap-2"
            ><input
              type="checkbox"
              class="checkbox"
              bind:checked={() => before, (value) => (asked = value)}
            /> Days before</label
          >
          <label class="flex min-h-11 items-center gap-2"
            ><input type="checkbox" class="checkbox" bind:checked={equipment} /> Heat and vessels</label
          >
        {/if}
        <a class="btn btn-primary h-11" href="/services/{desk.id}/run">Run it</a>
      </div>
      {#if wide < PHONE}<DayList {day} />{:else}
        <Strands {day} {before} {equipment} />
        <p class="quiet mt-1 text-sm">
          Solid is hands on, hatched waits, orange heats; blue is ready and waits, a thick foot is the
          longest chain. Choose a bar: green is where it may begin. Drag it, or use the arrow keys.
        </p>
      {/if}
      <a class="link" href="/days/{day.roster.service.date}">Whole kitchen</a>
    </section>
    <MovedNote {day} />
    {#if day.task}<DayTaskCard {day} />{/if}
    {#if day.chance}<ChanceCard chance={day.chance} />{/if}
    <OnHand {desk} />
    <TogetherCard {day} />
    <AheadTable {day} />
    <Lots {day} />
    <PaperCard id={desk.id} />
    {#if wide >= PHONE}<DaySheets roster={day.roster} />{/if}
  </div>
{:else if !day.problem}
  <p class="quiet p-6">Laying out the day …</p>
{/if}
