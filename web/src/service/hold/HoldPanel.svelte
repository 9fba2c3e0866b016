<script lang="ts">
  import type { HoldWindow, Plan, Schemas } from "../../api/client";
  import HoldRibbon from "./HoldRibbon.svelte";
  import Fact from "../../ui/Fact.svelte";

  // When a salad may be dressed, served and must go, with the house rules named.
  let {
    hold,
    service,
    waves,
  }: { hold: HoldWindow; service: Plan["service"]; waves?: Schemas["Waves"] } = $props();
  const each = $derived(waves?.dressed_in_waves ? waves.list : []);
</script>

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h2 class="text-xl">Hold: {hold.salad_name}</h2>
    <p>
      <b>{hold.rules}</b>
      <span class="quiet">· keep at {hold.cold} or colder · your local code decides</span>
    </p>
  </div>
  <div
    class="my-3 grid grid-cols-2 gap-x-6 gap-y-3 @3xl:grid-cols-3 @6xl:grid-cols-[1.5fr_repeat(5,1fr)]"
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
    <Fact
      label="Discard by"
      of={hold.discard_by}
      note="{hold.limits.discard}, {hold.out_minutes.text}"
    />
  </div>
  <HoldRibbon {hold} {service} waves={each} />
  {#if hold.tcs.length > 0}
    <p class="quiet mt-1">
      Keep cold until service: {hold.tcs.join(", ")}. Kept cold throughout, the date mark is {hold
        .date_mark.text}.
    </p>
  {/if}
</section>
