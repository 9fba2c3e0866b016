<script lang="ts">
  import type { IngredientPage } from "../api/client";

  // A kilo as bought, and what is left of it (or what it grows to) after each step, as bars to one scale.
  let { chains, colour }: { chains: IngredientPage["chains"]; colour: string } = $props();
  const most = $derived(Math.max(...chains.flatMap((chain) => chain.steps.map((step) => step.grams))));
  const rows = $derived([
    { name: "as bought", text: chains[0]?.steps[0]?.text ?? "", grams: 1000, note: "" },
    ...chains.filter((chain) => chain.steps.length > 1).map((chain) => ({
      name: chain.steps.slice(1).map((step) => step.name).join(", "),
      text: chain.steps.at(-1)!.text,
      grams: chain.steps.at(-1)!.grams,
      note: chain.steps.length === 2 && chain.sheds ? `${chain.sheds} → ${chain.use}` : "",
    })),
  ]);
</script>

<table class="w-full">
  <tbody>
    {#each rows as row (row.name)}
      <tr class="border-base-300 h-11 border-t">
        <td class="w-44 pr-3">{row.name}</td>
        <td class="min-w-24">
          <svg class="h-7 w-full" viewBox="0 0 100 28" preserveAspectRatio="none" aria-hidden="true">
            <rect x="0.3" y="3" width={(row.grams / most) * 99} height="22" fill={colour} stroke="var(--rim)" stroke-width="2" vector-effect="non-scaling-stroke" />
          </svg>
        </td>
        <td class="w-28 pl-3 text-right text-xl font-bold whitespace-nowrap">{row.text}</td>
        <td class="quiet hidden w-64 pl-3 md:table-cell">{row.note}</td>
      </tr>
    {/each}
  </tbody>
</table>
