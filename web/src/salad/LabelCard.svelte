<script lang="ts">
  import type { Taste } from "../api/client";
  import Fact from "../ui/Fact.svelte";
  import Figure from "../ui/Figure.svelte";

  // What a serving is of energy, fat, carbohydrate, protein and salt, and what that rests on.
  let { label }: { label: Taste["label"] } = $props();
  const rows = $derived([
    ["Fat", label.fat_grams, false],
    ["of which saturated", label.saturated_grams, true],
    ["Carbohydrate", label.carbohydrate_grams, false],
    ["of which sugar", label.sugar_grams, true],
    ["Fibre", label.fibre_grams, false],
    ["Protein", label.protein_grams, false],
    ["Salt", label.salt_grams, false],
  ] as const);
</script>

<section class="tray">
  <h2 class="text-xl">A serving contains</h2>
  <div class="my-2 grid grid-cols-2 gap-x-5">
    <Fact label="Energy" of={label.kj} size="text-3xl" note={label.kcal.text} />
    <Fact label="Protein" of={label.protein_grams} size="text-3xl" />
  </div>
  <table class="w-full">
    <tbody>
      {#each rows as [name, of, within] (name)}
        <tr class="border-base-300 h-10 border-t"
          ><td class:pl-5={within}>{name}</td><td class="text-right"
            ><Figure {of} size="text-lg" label="{name}, a serving" /></td
          ></tr
        >
      {/each}
    </tbody>
  </table>
  <p class="mt-2">{label.said}</p>
  <p class="quiet">
    Its energy rests on figures {label.rests.map((each) => `${each.text} ${each.kind}`).join(", ")}.
  </p>
</section>
