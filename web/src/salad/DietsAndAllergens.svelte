<script lang="ts">
  import type { Taste } from "../api/client";
  import Mark from "../ui/Mark.svelte";

  // Who can eat it, and the line that says no.
  let { suits }: { suits: Taste["suits"] } = $props();
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
  <p class="quiet mt-2">May be cross-contact: decide in your kitchen.</p>
</section>
