<script lang="ts">
  import type { Cooking } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import Eggs from "./Eggs.svelte";
  import PotGauge from "./PotGauge.svelte";
  import RatioCurve from "./RatioCurve.svelte";
  import TimeStrip from "./TimeStrip.svelte";
  import Tins from "./Tins.svelte";
  import Trays from "./Trays.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import Mark from "../../ui/Mark.svelte";
  import RowOfRecipe from "../../ui/RowOfRecipe.svelte";
  import Warnings from "../../ui/Warnings.svelte";
  import Schools from "./Schools.svelte";
  import { amount, figure, text } from "./cooking";

  // One thing that is cooked: the vessel, what goes in, how long, and how to tell it is done.
  let { batch, desk }: { batch: Cooking; desk: Desk } = $props();
  const batches = $derived(amount(batch, "batches"));
  const facts = $derived(
    batch.facts.flatMap(({ name, label }) =>
      figure(batch, name) ? [{ label, of: figure(batch, name)! }] : [],
    ),
  );
  const grave = $derived(desk.plan!.hazards.filter((found) => found.grave !== "mind"));
  const minds = $derived(desk.plan!.hazards.filter((found) => found.grave === "mind"));
  const vessel = $derived(batch.pot ? `${batch.pot.name}, drawn to scale` : (batch.vessel ?? ""));
</script>

<section class="tray min-w-0">
  <div class="flex flex-wrap items-baseline justify-between gap-x-6">
    <h2 class="text-2xl">{batch.name}</h2>
    <p class="quiet">{batch.setting}{vessel ? ` · ${vessel}` : ""}</p>
    <RowOfRecipe row={batch.written} />
  </div>
  {#each batch.snags as snag, index (index)}
    <p class="mt-2 flex items-start gap-2">
      <span class="mt-1"><Mark kind={snag.severity} /></span><span
        ><b class={snag.severity === "stop" ? "text-error" : "text-warning"}>{snag.what}</b>
        {snag.remedy}</span
      >
    </p>
  {/each}
  <Warnings found={grave} ats={[batch.at]} />
  {#if batch.picture.each}<p class="quiet mt-1">
      {text(batch, batch.headline)} raw in all; the figures below are for each of {batches} batches.
    </p>{/if}
  <div class="mt-3 grid items-start gap-x-8 gap-y-4 @4xl:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
    <div class="min-w-0">
      {#if batch.pot}
        <PotGauge {batch} />
        {#if batch.picture.pieces}<Eggs
            count={amount(batch, batch.picture.pieces)}
            colour={batch.colour}
          />{/if}
        {#if batch.curve}<div class="mt-4"><RatioCurve curve={batch.curve} /></div>{/if}
      {:else if batch.picture.kind === "tins"}
        <Tins
          drained={amount(batch, "drained_grams")}
          liquid={amount(batch, "liquid_grams")}
          colour={batch.colour}
        />
      {:else}
        <Trays
          count={amount(batch, "trays") || batches}
          colour={batch.colour}
          vessel={batch.vessel ?? "tray"}
          round={batch.picture.kind === "pans"}
        />
      {/if}
      {#if batch.stretches.length > 0}<TimeStrip
          stretches={batch.stretches}
          id={batch.at.replace("/", "-")}
        />{/if}
    </div>
    <div class="grid grid-cols-2 content-start gap-x-6 gap-y-2">
      {#each facts as { label, of }, index (label)}
        <Fact {label} {of} size={index < 4 ? "text-3xl" : "text-xl"} />
      {/each}
    </div>
  </div>
  {#if batch.with}
    <section class="mt-4" aria-label="Cooks along with {batch.name}">
      <h3 class="text-lg">Cooks along</h3>
      <ul class="flex flex-wrap gap-x-6 gap-y-1">
        {#each batch.with as each (each.at)}
          <li class="flex items-baseline gap-2">
            <Dot colour={each.colour} /><Figure
              of={each.grams}
              size="text-xl"
              label="{each.name}, with {batch.name}"
            />
            {each.name} <span class="quiet">{each.stays ? "stays in" : "taken out"}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <Schools {batch} {desk} />
  <div class="mt-4 grid gap-4 @3xl:grid-cols-3">
    {#if batch.done}<div>
        <h3 class="text-lg">Done when</h3>
        <p>{batch.done}</p>
      </div>{/if}
    <div>
      <h3 class="text-lg">If not</h3>
      {#each batch.rescue as rescue (rescue.if)}<p><b>{rescue.if}:</b> {rescue.then}</p>{/each}
    </div>
    <div>
      <h3 class="text-lg">Mind</h3>
      <Warnings found={minds} ats={[batch.at]} />
    </div>
  </div>
</section>
