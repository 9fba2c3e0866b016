<script lang="ts">
  import type { Schemas } from "../../api/client";
  import Fact from "../../ui/Fact.svelte";
  import Mark from "../../ui/Mark.svelte";

  // How much oil the base takes, where this formula stands in it, and the order in which it is whisked up.
  let { full }: { full: Schemas["FullEmulsion"] } = $props();
  const most = $derived(Math.max(Number(full.most_oil_ml.value), Number(full.oil_ml.value)) * 1.1);
  const along = (figure: { value: number | string | null }) =>
    `${(Number(figure.value) / most) * 100}%`;
  const words = $derived(`Whisk it up on ${full.base.toLowerCase()}, everything at ${full.room}`);
</script>

<section class="border-base-300 mt-3 border-t pt-2" aria-label="Whisking it up">
  <h3 class="flex items-center gap-2 text-lg">
    <Mark kind={full.fits ? "fits" : "look"} />
    {words}
  </h3>
  <div class="my-2 grid grid-cols-2 gap-x-5 gap-y-2 @lg:grid-cols-4">
    <Fact label="Base" of={full.base_ml} />
    <Fact label="Oil" of={full.oil_ml} note={full.oil_times.text} />
    <Fact label="Thickens from" of={full.least_oil_ml} note="of oil" />
    <Fact label="Takes no more than" of={full.most_oil_ml} note="of oil" />
  </div>
  <div
    class="takes relative h-6 rounded-full"
    role="img"
    aria-label="Oil {full.oil_ml.text}, of {full.least_oil_ml.text} to {full.most_oil_ml
      .text} that the base takes"
  >
    <div
      class="bg-success/40 border-success absolute inset-y-0 border-x-2"
      style:left={along(full.least_oil_ml)}
      style:width="calc({along(full.most_oil_ml)} - {along(full.least_oil_ml)})"
    ></div>
    <div class="bg-accent absolute -inset-y-1 w-1.5" style:left={along(full.oil_ml)}></div>
  </div>
  <ol class="mt-2 list-decimal pl-6">
    {#each full.order as step (step)}<li class="py-0.5">{step}</li>{/each}
  </ol>
  <p class="mt-1">{full.rescue}</p>
</section>

<style>
  .takes {
    border: 2px solid var(--rim);
  }
</style>
