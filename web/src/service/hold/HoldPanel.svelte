<script lang="ts">
  import type { HoldWindow, Plan, Schemas } from "../../api/client";
  import { shortDay } from "../../ui/dates";
  import HoldRibbon from "./HoldRibbon.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Warnings from "../../ui/Warnings.svelte";

  // When a salad may be dressed, served and must go, with the house rules named.
  let {
    hold,
    service,
    waves,
    found,
    lots,
  }: {
    hold: HoldWindow;
    service: Plan["service"];
    waves?: Schemas["Waves"];
    found: Schemas["Finding"][];
    lots: Schemas["Lot"][];
  } = $props();
  // As the day has its parts made, which may be sooner than the plan takes for granted.
  const marked = $derived(
    lots.find((lot) => lot.marked && lot.task.startsWith(hold.at.replace("hold", "build") + "/")),
  );
  const each = $derived(waves?.dressed_in_waves ? waves.list : []);
</script>

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h2 class="text-xl">Hold: {hold.salad_name}</h2>
  </div>
  <h3 class="mt-2 text-lg">At its best <span class="quiet font-normal">quality</span></h3>
  <div
    class="my-3 grid grid-cols-2 gap-x-6 gap-y-3 @3xl:grid-cols-3 @6xl:grid-cols-[1.5fr_repeat(4,1fr)]"
  >
    <Fact
      label="Ready, undressed, from"
      of={hold.ready_after}
      note="{hold.limits.kept}: {hold.kept_minutes.text}"
    />
    {#if each.length > 0}
      <Fact
        label="Dressed, at its best for"
        of={hold.dressed_minutes}
        note="{hold.limits.dressed}: dress it wave by wave"
      />
    {:else}
      <Fact
        label="Dress no earlier than"
        of={hold.dress_from}
        note="{hold.limits.dressed}: {hold.dressed_minutes.text}"
      />
      <Fact
        label="Dress by"
        of={hold.dress_by}
        note={Number(hold.rest_minutes.value) > 0
          ? `${hold.limits.rest} rests ${hold.rest_minutes.text}`
          : "no rest needed"}
      />
    {/if}
    <Fact label="Top no earlier than" of={hold.top_from} note={hold.limits.topped ?? ""} />
    {#if each.length === 0}<Fact
        label="Best until"
        of={hold.best_until}
        note={hold.limits.dressed}
      />{/if}
  </div>
  <HoldRibbon {hold} {service} waves={each} />
  <h3 class="mt-3 text-lg">
    Safe until <span class="quiet font-normal"
      >{hold.rules}; your local code and your food-safety lead decide</span
    >
  </h3>
  <div class="my-2 grid grid-cols-2 gap-x-6 gap-y-3 @3xl:grid-cols-4">
    <Fact label="Discard by" of={hold.discard_by} note={hold.limits.discard} />
    <Fact
      label="Out of the cold until"
      of={hold.out_until}
      note="{hold.out_minutes.text} since it is dressed"
    />
    <Fact
      label="Date mark, kept cold"
      of={hold.date_mark}
      note={marked?.marked
        ? `as the day is laid out: ${shortDay(marked.marked.slice(0, 10))}`
        : `its first part is made ${hold.limits.first_made}`}
    />
  </div>
  {#if hold.tcs.length > 0}
    <p>Keep at {hold.cold} or colder until service: {hold.tcs.join(", ")}.</p>
  {/if}
  <Warnings {found} ats={[hold.at]} />
</section>
