<script lang="ts">
  import type { Prep } from "../api/client";
  import CutSize from "../pictures/CutSize.svelte";
  import YieldBar from "../pictures/YieldBar.svelte";
  import Caution from "./Caution.svelte";
  import Dot from "./Dot.svelte";
  import Fact from "./Fact.svelte";
  import Figure from "./Figure.svelte";

  // One line of the bench: as bought → trimmed → cut, with the trim and its use.
  let { line }: { line: Prep } = $props();
</script>

<section class="tray">
  <h2 class="flex items-center gap-2 text-xl"><Dot colour={line.colour} />{line.name}</h2>
  <div class="my-2 grid gap-x-5 {line.treat ? 'grid-cols-2 @lg:grid-cols-4' : 'grid-cols-3'}">
    <Fact label="Bought (AP)" of={line.ap_grams} size="text-3xl" />
    <Fact label={line.trim ? `${line.trim} (EP)` : "Untrimmed (EP)"} of={line.ep_grams} />
    <Fact label={line.cut ? "Cut" : "Whole"} of={line.prepped_grams} />
    {#if line.treat}<Fact label="Drained" of={line.ready_grams} />{/if}
  </div>
  <YieldBar id={line.at.replace("/", "-")} bought={Number(line.ap_grams.value)} trimmed={Number(line.trim_grams.value)} ready={Number(line.prepped_grams.value)} colour={line.colour} />
  <div class="mt-3 grid gap-4 @lg:grid-cols-[1fr_auto]">
    <div class="grid content-start gap-1.5">
      {#if line.cut}<p><b>{line.cut.name}</b>, {line.cut.tool}</p>{/if}
      {#if line.trim_off}<p>Trim: <Figure of={line.trim_grams} size="text-lg" label="{line.name}, trim" /> {line.trim_off} → {line.trim_use}</p>{/if}
      {#if line.treat}<p><b>{line.treat.name}</b>, {line.treat.minutes} min: {line.treat.how}</p>{/if}
      {#each line.cautions as text (text)}<Caution {text} />{/each}
    </div>
    {#if line.cut}
      <figure class="justify-self-end text-right">
        <CutSize mm={line.cut.mm} colour={line.colour} name={line.cut.name} />
        <figcaption class="quiet">true size, top and edge</figcaption>
      </figure>
    {/if}
  </div>
</section>
