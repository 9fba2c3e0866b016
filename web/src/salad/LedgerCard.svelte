<script lang="ts">
  import type { Taste } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fact from "../ui/Fact.svelte";
  import Figure from "../ui/Figure.svelte";
  import Mark from "../ui/Mark.svelte";

  // Where the salt comes from and what is still to add; the acid that reaches the plate.
  let { ledger }: { ledger: Taste["ledger"] } = $props();
  const lines = $derived(
    ledger.lines
      .filter((line) => Number(line.salt_grams.value) >= 0.01)
      .toSorted((one, other) => Number(other.salt_grams.value) - Number(one.salt_grams.value)),
  );
  const WORDS = { low: "Under the aim", right: "Within the aim", high: "Over the aim" } as const;
</script>

<section class="tray">
  <div class="flex flex-wrap items-baseline justify-between gap-3">
    <h2 class="text-xl">Salt ledger</h2>
    <p class="flex items-center gap-2 font-semibold">
      <Mark kind={ledger.verdict === "right" ? "fits" : "look"} />{WORDS[ledger.verdict]}
    </p>
  </div>
  <div class="my-2 grid sm:grid-cols-2 gap-x-5 gap-y-2">
    <Fact label="Salt, of the salad" of={ledger.salt_share} size="text-3xl" />
    <Fact label="To add, a serving" of={ledger.to_add_grams} size="text-3xl" />
    <Fact label="Acid, on the plate" of={ledger.acid_share} />
    <Fact label="Sugar, on the plate" of={ledger.sugar_share} />
  </div>
  <p>{ledger.advice}</p>
  <table class="mt-2 w-full">
    <thead
      ><tr class="quiet text-left"
        ><th class="font-normal">Source</th><th class="text-right font-normal">Salt</th><th
          class="text-right font-normal">Acid</th
        ></tr
      ></thead
    >
    <tbody>
      {#each lines as line (line.at)}
        <tr class="border-base-300 h-10 border-t"
          ><td><span class="flex items-center gap-2"><Dot colour={line.colour} />{line.name}</span></td
          ><td class="text-right"
            ><Figure of={line.salt_grams} size="text-lg" label="{line.name}, salt" /></td
          ><td class="text-right"
            ><Figure of={line.acid_grams} size="text-lg" label="{line.name}, acid" /></td
          ></tr
        >
      {/each}
    </tbody>
  </table>
</section>
