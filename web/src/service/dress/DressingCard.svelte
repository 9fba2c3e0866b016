<script lang="ts">
  import type { DressingBatch, Schemas } from "../../api/client";
  import Jar from "./Jar.svelte";
  import PourMap from "./PourMap.svelte";
  import RatioBar from "../../salad/RatioBar.svelte";
  import CorrectIt from "../../salad/CorrectIt.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import RowOfRecipe from "../../ui/RowOfRecipe.svelte";
  import Warnings from "../../ui/Warnings.svelte";
  import FullEmulsion from "./FullEmulsion.svelte";

  // The dressing of one salad: the formula by weight and by jug, and where it is poured.
  let {
    batch,
    servings,
    found,
  }: { batch: DressingBatch; servings: string; found: Schemas["Finding"][] } = $props();
</script>

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-x-6">
    <h2 class="text-2xl">{batch.name}</h2>
    <p class="quiet">for {batch.salad_name}, {servings}</p>
  </div>
  <Warnings {found} ats={[batch.at]} />
  <div class="mt-2 grid gap-x-10 gap-y-5 @6xl:grid-cols-[minmax(0,1fr)_minmax(0,1.25fr)]">
    <div>
      <div class="mb-3 grid grid-cols-2 gap-x-5 gap-y-2 @lg:grid-cols-4 @6xl:grid-cols-2">
        <Fact
          label="Whisk up"
          of={batch.whisk_grams}
          size="text-4xl"
          note="{batch.batch_grams.text} pours, the rest sticks"
        />
        <Fact label="In the jug" of={batch.batch_ml} size="text-4xl" />
        {#if batch.acid}<Fact label="Fat to acid, by volume" of={batch.fat_to_acid} />{/if}
        <Fact label="Of the salad's weight" of={batch.salad_share} />
      </div>
      <div class="flex gap-4">
        <div class="hidden shrink-0 self-center @lg:block"><Jar {batch} /></div>
        <table class="w-full">
          <thead
            ><tr class="quiet h-8 text-left"
              ><th class="font-normal">Part</th><th class="text-right font-normal">Weigh</th><th
                class="pl-3 text-right font-normal whitespace-nowrap">or measure</th
              ></tr
            ></thead
          >
          <tbody>
            {#each batch.parts.toReversed() as part (part.at)}
              <tr class="border-base-300 h-11 border-t">
                <td
                  ><span class="flex items-center gap-2"
                    ><Dot colour={part.colour} />{part.name}{#if part.fruit}<span class="quiet"
                        >{part.fruit}</span
                      >{/if}</span
                  ><RowOfRecipe row={part.written} /></td
                >
                <td class="text-right"
                  ><Figure of={part.grams} label={part.name} />{#if part.strong}<br /><span
                      class="quiet whitespace-nowrap"
                      >begin with <Figure
                        of={part.start_grams}
                        size="text-base"
                        label="{part.name}, to begin with"
                      /></span
                    >{/if}</td
                >
                <td class="pl-3 text-right"
                  ><Figure of={part.ml} size="text-lg" label="{part.name} by volume" /></td
                >
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    </div>
    <div class="min-w-0">
      <h3 class="text-lg">{batch.preset}</h3>
      <p class="quiet mb-2">{batch.why}</p>
      <PourMap {batch} />
      <div class="mt-4"><RatioBar character={batch.character} /></div>
      <p class="mt-2">
        <b>Emulsion: {batch.character.emulsion.name}.</b>
        {batch.character.emulsion.how}{batch.character.emulsion.again
          ? ` Again every ${batch.character.emulsion.again}.`
          : ""}
        {batch.full ? "" : (batch.character.emulsion.rescue ?? "")}
      </p>
      <p>
        <b
          >Keeps {batch.character.keeping.text}{batch.character.keeping.cold
            ? " in the fridge"
            : ""}.</b
        >
        {batch.character.keeping.why}
      </p>
      <p>
        <b
          >Contains {batch.contains.length > 0
            ? batch.contains.join(", ")
            : "none of the 14 allergens"}.</b
        >
      </p>
      {#if batch.full}<FullEmulsion full={batch.full} />{/if}
    </div>
  </div>
  <table class="mt-3 w-full">
    <thead
      ><tr class="quiet h-8 text-left"
        ><th class="font-normal">Stage</th><th class="text-right font-normal">Pour</th><th
          class="text-right font-normal">By the jug</th
        ><th class="hidden text-right font-normal @lg:table-cell">Per serving</th></tr
      ></thead
    >
    <tbody>
      {#each batch.stages as stage (stage.at)}
        <tr class="border-base-300 h-12 border-t">
          <td>
            <b class="text-lg">{stage.name}</b> <span class="quiet">{stage.told}</span><br />
            {#if stage.jugs && stage.fill_ml && stage.tables}
              <span class="quiet"
                ><Figure of={stage.jugs} size="text-lg" label="Jugs in all" /> on <Figure
                  of={stage.tables}
                  size="text-lg"
                  label="Tables"
                />, each filled to <Figure
                  of={stage.fill_ml}
                  size="text-lg"
                  label="Fill each to"
                /></span
              >
            {:else}
              <span class="quiet"
                >{stage.ladles}{stage.into === "plate" ? " a serving" : " in all"}</span
              >
            {/if}
            {#if stage.needed_grams}<span class="quiet block"
                >it will drink <Figure of={stage.needed_grams} size="text-lg" label="It will drink" /> by
                the last guest</span
              >{/if}
          </td>
          <td class="text-right"
            ><Figure of={stage.grams} size="text-2xl" label="{stage.name} by weight" /></td
          >
          <td class="pl-4 text-right"
            ><Figure of={stage.ml} size="text-2xl" label="{stage.name} by volume" /></td
          >
          <td class="hidden pl-4 text-right @lg:table-cell"
            ><Figure of={stage.per_serving_ml} size="text-lg" label="{stage.name} per serving" /></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  <CorrectIt {batch} />
</section>
