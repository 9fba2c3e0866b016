<script lang="ts">
  import type { Purchase } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Figure from "../../ui/Figure.svelte";

  let {
    line,
    desk,
    by,
    short,
    onshort,
  }: { line: Purchase; desk: Desk; by: string; short: boolean; onshort: () => void } = $props();
  // Packs are ordered by count, loose goods by weight; both open the figure behind the order.
  const order = $derived({ ...(line.loose ? line.bought_grams : line.packs), text: line.order });
  const at = $derived(`service/stock/${line.ingredient}`);
</script>

{#snippet onHand()}
  <input
    class="input h-11 w-24 text-right text-lg"
    aria-label="{line.name} on hand"
    placeholder="none"
    maxlength="40"
    value={Number(line.on_hand_grams.value) > 0 ? line.on_hand_grams.text : ""}
    onchange={(event) => desk.change(at, event.currentTarget.value)}
  />
{/snippet}

<tr class="border-base-300 h-13 border-t">
  <td>
    <span class="flex items-center gap-2"
      ><Dot colour={line.colour} /><b class="text-lg">{line.name}</b></span
    >
    {#if line.ready_cut}<span class="block pl-6">{line.ready_cut}</span>{/if}
    {#if line.pieces}<span class="block pl-6">{line.pieces}</span>{/if}
    {#if line.fruit}<span class="block pl-6">{line.fruit}</span>{/if}
    {#if line.allergens.length > 0}<span class="quiet block pl-6"
        >contains {line.allergens.join(", ")}</span
      >{/if}
    {#if desk.faults[at]}<span class="text-error block pl-6 font-semibold" role="alert"
        >{desk.faults[at]}</span
      >{/if}
  </td>
  <td class="text-right"><Figure of={order} size="text-lg @lg:text-2xl" label="Order {line.name}" /></td
  >
  <td class="hidden pl-6 text-right @lg:table-cell"
    ><Figure of={line.need_grams} label="{line.name} needed" /></td
  >
  <td class="hidden pl-6 text-right @3xl:table-cell">{@render onHand()}</td>
  <td class="hidden pl-6 whitespace-nowrap @4xl:table-cell">{by}</td>
  <td class="hidden pl-6 @5xl:table-cell"
    ><Figure of={line.surplus_grams} size="text-lg" label="{line.name} over" />
    <span class="quiet">{line.surplus_use ?? ""}</span></td
  >
  <td class="hidden pl-6 text-right @3xl:table-cell"
    ><Figure of={line.cost} size="text-lg" label="Price of {line.name}" /></td
  >
  <td class="no-print text-right @lg:pl-2"
    ><button
      class="btn h-11 px-1 @lg:px-4 {short ? 'btn-primary' : 'btn-ghost'}"
      aria-expanded={short}
      aria-label="{line.name} is short"
      onclick={onshort}>Short</button
    ></td
  >
</tr>
{#if short}
  <tr class="@3xl:hidden"
    ><td colspan="8"><label class="flex items-center gap-3">On hand {@render onHand()}</label></td></tr
  >
{/if}
