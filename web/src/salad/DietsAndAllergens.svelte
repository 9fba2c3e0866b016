<script lang="ts">
  import type { Taste } from "../api/client";
  import Mark from "../ui/Mark.svelte";

  // Who can eat it, and the line that says no; and what stands on the table beside it.
  let {
    suits,
    beside,
    onnone,
  }: { suits: Taste["suits"]; beside: string[] | undefined; onnone: () => void } = $props();
</script>

<section class="tray">
  <h2 class="text-xl">Who can eat it</h2>
  <table class="mt-1 w-full">
    <tbody>
      {#each suits.diets as diet (diet.name)}
        <tr class="border-base-300 h-10 border-t"
          ><td class="w-8"><Mark kind={diet.suits ? "fits" : "stop"} /></td><td
            class="w-32 font-semibold">{diet.name}</td
          ><td class="quiet">{diet.suits ? "" : `not with ${diet.lines.join(", ")}`}</td></tr
        >
      {/each}
    </tbody>
  </table>
  <h3 class="mt-3 text-lg">Contains</h3>
  {#each suits.allergens as allergen (allergen.name)}
    <p>
      <b>{allergen.name}</b>
      <span class="quiet"
        >from {allergen.lines.join(", ")}{allergen.us ? "" : " · not on the US list"}</span
      >
    </p>
  {:else}
    <p>None of the 14 allergens.</p>
  {/each}
  {#if beside}
    <h3 class="mt-3 text-lg">On the table beside it</h3>
    <p>{beside.join("; ")}</p>
    <p class="quiet">Neither in it nor ordered.</p>
    <button class="btn btn-outline mt-1 h-11" onclick={onnone}>Nothing on the table</button>
  {/if}
  <p class="quiet mt-2">May be cross-contact: decide in your kitchen.</p>
</section>
