<script lang="ts">
  import type { HoldWindow, Portion, Schemas } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import CutThrough from "./CutThrough.svelte";
  import AmountField from "../../ui/AmountField.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import HoldLine from "../hold/HoldLine.svelte";

  // One salad as one portion: its layers by volume, and what they come to for everyone.
  let {
    portion,
    desk,
    hold,
    waves,
    index,
  }: {
    portion: Portion;
    desk: Desk;
    hold: HoldWindow | undefined;
    waves: Schemas["Waves"] | undefined;
    index: number;
  } = $props();
  const ROW = 48;
</script>

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-x-6">
    <h2 class="text-2xl break-words">{portion.name}</h2>
    <p class="flex flex-wrap items-center gap-3">
      <a class="link no-print" href="/salads/{portion.salad}">open the salad</a><span class="quiet"
        >{portion.serves_as} for</span
      ><AmountField
        {desk}
        at="service/lines/{index}/covers"
        value={portion.covers.text}
        label="{portion.name}, covers"
        width="w-36"
      />
    </p>
  </div>
  <div class="mt-2 grid items-start gap-x-8 gap-y-4 @6xl:grid-cols-[minmax(0,1fr)_16rem]">
    <div class="@2xl:hidden"><CutThrough {portion} row={26} leads={false} /></div>
    <div class="flex min-w-0">
      <div class="hidden shrink-0 self-end @2xl:block"><CutThrough {portion} row={ROW} /></div>
      <table class="w-full min-w-0">
        <thead>
          <tr class="quiet h-9">
            <th class="pl-2 text-left font-normal">Layer, from the top</th>
            <th class="w-32 text-right font-normal">Per serving</th>
            <th class="w-28 text-right font-normal">To make</th>
          </tr>
        </thead>
        <tbody>
          {#each portion.layers.toReversed() as layer (layer.at)}
            <tr class="border-base-300 h-12 border-t">
              <td class="pl-2"
                ><span class="flex items-center gap-2"
                  ><Dot colour={layer.colour} /><b>{layer.name}</b><span
                    class="quiet hidden @4xl:inline"
                    >{layer.role}{layer.held_back === 1
                      ? ", on top"
                      : layer.held_back > 0
                        ? `, ${Math.round(layer.held_back * 100)} % on top`
                        : ""}</span
                  ></span
                ></td
              >
              <td class="text-right"
                ><AmountField
                  {desk}
                  at={layer.change_at}
                  value={layer.grams.text}
                  label="{layer.name}, per serving"
                /></td
              >
              <td class="text-right"
                ><Figure of={layer.finished_grams} label={layer.name} />{#if layer.pieces}<span
                    class="quiet block">{layer.pieces}</span
                  >{/if}</td
              >
            </tr>
          {/each}
          <tr class="border-base-300 h-12 border-t">
            <td class="pl-2"
              ><span class="flex items-center gap-2"
                ><Dot colour="var(--dressing)" /><b>{portion.dressing_name ?? "Dressing"}</b><span
                  class="quiet hidden @4xl:inline"
                  >{portion.dressing_grams.value === portion.carries_grams.value
                    ? "what the layers carry"
                    : "as written"}</span
                ></span
              ></td
            >
            <td class="pr-3 text-right"
              ><Figure of={portion.dressing_grams} label="Dressing per serving" /></td
            >
            <td class="text-right"><b class="quiet">see Dress</b></td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="grid grid-cols-2 gap-x-5 gap-y-3 @6xl:grid-cols-1">
      <Fact label="One portion, dressed" of={portion.portion_grams} size="text-4xl" />
      <Fact
        label="Portions to make"
        of={portion.servings}
        note="{portion.covers.text} and {portion.over_prep.text} on top"
      />
      <Fact label="Finished, all portions" of={portion.finished_grams} />
      <div>
        <div class="quiet">Contains</div>
        <b class="text-lg">{portion.contains.join(", ") || "none of the 14 allergens"}</b>
        <div class="quiet">Cross-contact: decide in your kitchen.</div>
        {#if portion.at_table}<div class="mt-1">
            <span class="quiet">On the table beside it, not in it:</span>
            {portion.at_table.join("; ")}
          </div>{/if}
      </div>
    </div>
  </div>
  {#if hold}<HoldLine {hold} {waves} />{/if}
</section>
