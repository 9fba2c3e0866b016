<script lang="ts">
  import type { Bowls, Schemas } from "../../api/client";
  import BowlPicture from "./Bowls.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import Warnings from "../../ui/Warnings.svelte";

  // How one salad is mixed: bowls, grams in each in mixing order, and what goes on top.
  let { build, found }: { build: Bowls; found: Schemas["Finding"][] } = $props();
  const mixed = $derived(build.shares.filter((share) => Number(share.in_bowls_grams.value) > 0));
  const topped = $derived(build.shares.filter((share) => Number(share.top_grams.value) > 0));
  const reads = (at: string) => build.scale.find((each) => each.at === at)?.text ?? "";
  const apart = $derived(build.pours.filter((pour) => pour.after === null));
  const WHERE = { back: "kept back", plate: "over the plates", table: "in the table jugs" } as const;
  const where = (into: string) => WHERE[into as keyof typeof WHERE] ?? into;
</script>

<!-- What the scale reads, under the grams where there is no room beside them. -->
{#snippet narrow(at: string)}<span class="quiet block tabular-nums @lg:hidden">scale {reads(at)}</span
  >{/snippet}

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-x-6">
    <h2 class="text-2xl">{build.salad_name}</h2>
    <p class="quiet">{build.bowl}, tossed no fuller than the dotted line</p>
  </div>
  <Warnings {found} ats={[build.at]} />
  <div class="my-3 grid items-center gap-x-8 gap-y-3 @4xl:grid-cols-[1fr_1.2fr]">
    <div class="min-w-0"><BowlPicture {build} /></div>
    <div class="grid grid-cols-2 gap-x-5 gap-y-2">
      <Fact label="Bowls" of={build.batches} size="text-3xl" />
      <Fact label="In each" of={build.portions_per_bowl} />
      <Fact label="Full to" of={build.fill} />
      <Fact label="To mix" of={build.mix_ml} />
    </div>
  </div>
  <div class="grid gap-x-10 gap-y-4 @6xl:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
    <table class="w-full self-start">
      <thead
        ><tr class="quiet h-8 text-left"
          ><th class="pl-2 font-normal @lg:w-36"><span class="hidden @lg:inline">Mixing order</span></th
          ><th class="font-normal">Into each bowl</th><th class="text-right font-normal">Grams</th><th
            class="hidden w-28 text-right font-normal @lg:table-cell">Scale reads</th
          ></tr
        ></thead
      >
      <tbody>
        {#each mixed as share, index (share.at)}
          <tr class="border-base-300 h-12 border-t">
            <td class="pl-2"
              ><b>{index + 1}</b> <span class="quiet hidden @lg:inline">{share.step}</span></td
            >
            <td
              ><span class="flex items-center gap-2"
                ><Dot colour={share.colour} /><b class="text-lg">{share.name}</b><span
                  class="quiet hidden @3xl:inline">{share.why}</span
                >{#if share.pieces}<b>{share.pieces}</b>{/if}</span
              ></td
            >
            <td class="text-right"
              ><Figure
                of={share.per_bowl_grams}
                size="text-2xl"
                label="{share.name} in each bowl"
              />{@render narrow(share.at)}</td
            >
            <td class="quiet hidden text-right text-lg tabular-nums @lg:table-cell"
              >{reads(share.at)}</td
            >
          </tr>
          {#each build.pours.filter((pour) => pour.after === index) as pour (pour.at)}
            <tr class="border-base-300 bg-base-200 h-12 border-t">
              <td class="quiet pl-2"
                ><span class="hidden @lg:inline">{pour.already ? "With it" : "Pour"}</span></td
              >
              <td
                ><span class="flex items-center gap-2"
                  ><Dot colour="var(--dressing)" /><b class="text-lg"
                    >Dressing<span class="@lg:hidden">, {pour.name.toLowerCase()}</span></b
                  >
                  <span class="quiet hidden @lg:inline"
                    >{pour.name.toLowerCase()}, {pour.already
                      ? pour.into === "warm"
                        ? "in it since it was warm"
                        : "on it already"
                      : "then taste"}</span
                  ></span
                ></td
              >
              <td class="text-right"
                ><Figure
                  of={pour.per_bowl_grams}
                  size="text-2xl"
                  label="{pour.name} in each bowl"
                />{@render narrow(pour.at)}</td
              >
              <td class="quiet hidden text-right text-lg tabular-nums @lg:table-cell"
                >{reads(pour.at)}</td
              >
            </tr>
          {/each}
        {/each}
      </tbody>
    </table>
    <div>
      <h3 class="text-lg">Held back{topped.length > 0 ? " for the top" : ""}</h3>
      {#each topped as share (share.at)}
        <div class="border-base-300 flex items-center gap-2 border-t py-2">
          <Dot colour={share.colour} /><b class="grow text-lg"
            >{share.name}{#if share.pieces}<span class="block text-base">{share.pieces}</span>{/if}</b
          >
          <span class="text-right"
            ><Figure of={share.top_grams} size="text-2xl" label="{share.name} for the top" /><br
            /><Figure
              of={share.top_per_serving_grams}
              size="text-base"
              label="{share.name} on each serving"
            /> <span class="quiet">a serving</span></span
          >
        </div>
      {:else}
        {#if apart.length === 0}<p class="quiet">Nothing: all of it goes into the bowls.</p>{/if}
      {/each}
      {#each apart as pour (pour.at)}
        <div class="border-base-300 flex items-center gap-2 border-t py-2">
          <Dot colour="var(--dressing)" /><b class="grow text-lg">Dressing, {pour.name.toLowerCase()}</b
          >
          <span class="text-right"
            ><Figure
              of={pour.per_bowl_grams}
              size="text-2xl"
              label="Dressing {where(pour.into)} for each bowl"
            /><br /><span class="quiet">a bowl, {where(pour.into)}</span></span
          >
        </div>
      {/each}
      <p class="quiet mt-2">Bowls differ by a gram at most, so that they add up exactly.</p>
    </div>
  </div>
</section>
