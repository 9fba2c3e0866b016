<script lang="ts">
  import type { Purchase } from "../api/client";
  import Dot from "./Dot.svelte";
  import Figure from "./Figure.svelte";

  let { line }: { line: Purchase } = $props();
  // Packs are ordered by count, loose goods by weight; both open the figure behind the order.
  const order = $derived({ ...(line.loose ? line.bought_grams : line.packs), text: line.order });
</script>

<tr class="border-base-300 h-13 border-t">
  <td>
    <span class="flex items-center gap-2"><Dot colour={line.colour} /><b class="text-lg">{line.name}</b></span>
    {#if line.allergens.length > 0}<span class="quiet block pl-6">contains {line.allergens.join(", ")}</span>{/if}
  </td>
  <td class="text-right"><Figure of={order} size="text-2xl" label="Order {line.name}" /></td>
  <td class="hidden pl-6 text-right @lg:table-cell"><Figure of={line.need_grams} label="{line.name} needed" /></td>
  <td class="hidden pl-6 @3xl:table-cell"><Figure of={line.surplus_grams} size="text-lg" label="{line.name} over" /> <span class="quiet">{line.surplus_use ?? ""}</span></td>
  <td class="hidden pl-6 text-right @4xl:table-cell"><Figure of={line.enough_for} size="text-lg" label="{line.name} enough for" /></td>
</tr>
