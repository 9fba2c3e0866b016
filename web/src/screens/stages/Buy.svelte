<script lang="ts">
  import type { Plan } from "../../api/client";
  import PurchaseRow from "../../parts/PurchaseRow.svelte";

  let { plan }: { plan: Plan } = $props();
  const sections = $derived([...new Set(plan.buy.map((line) => line.section))]);
</script>

<section class="tray">
  <table class="w-full">
    <thead>
      <tr class="quiet h-9 text-left">
        <th class="font-normal">What must come in</th>
        <th class="text-right font-normal">Order</th>
        <th class="hidden pl-6 text-right font-normal @lg:table-cell">Needed</th>
        <th class="hidden pl-6 font-normal @3xl:table-cell">Over, and its use</th>
        <th class="hidden pl-6 text-right font-normal @4xl:table-cell">Enough for</th>
      </tr>
    </thead>
    {#each sections as section (section)}
      <tbody>
        <tr><th colspan="5" class="pt-4 pb-1 text-left"><h2 class="text-lg">{section}</h2></th></tr>
        {#each plan.buy.filter((line) => line.section === section) as line (line.at)}
          <PurchaseRow {line} />
        {/each}
      </tbody>
    {/each}
  </table>
</section>
