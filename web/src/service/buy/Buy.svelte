<script lang="ts">
  import type { Plan } from "../../api/client";
  import OnHand from "../OnHand.svelte";
  import PurchaseRow from "./PurchaseRow.svelte";
  import { shortDay } from "../../ui/dates";
  import ShortOf from "./ShortOf.svelte";
  import type { Desk } from "../desk.svelte";

  // The order by supplier section, with what is on hand taken off, and the day by which it is wanted.
  let { plan, desk }: { plan: Plan; desk: Desk } = $props();
  const sections = $derived([...new Set(plan.buy.map((line) => line.section))]);
  const needed = $derived(
    Object.fromEntries((desk.day.roster?.needed_by ?? []).map((each) => [each.ingredient, each.date])),
  );
  // Until the day is laid out it is not known when.
  function wantedBy(ingredient: string): string {
    const date = needed[ingredient];
    if (date) return shortDay(date);
    return desk.day.roster || desk.day.problem ? "" : "…";
  }
  let short = $state<string>();
</script>

<OnHand {desk} />
<section class="tray">
  <div class="mb-1 flex flex-wrap items-baseline gap-x-4">
    <h2 class="mr-auto text-xl">The order</h2>
    <p class="quiet">
      about <b class="text-base-content text-xl tabular-nums">{plan.service.order_cost}</b> in your money,
      at the larder's prices
    </p>
    <a class="btn btn-outline no-print h-11 self-center" href="/services/{desk.id}/delivery"
      >What has come</a
    >
    <a
      class="btn btn-outline no-print h-11 self-center"
      href="/api/services/{desk.id}/lists/order.csv"
      download>CSV</a
    >
  </div>
  <table class="w-full">
    <thead>
      <tr class="quiet h-9 text-left">
        <th class="font-normal">What must come in</th>
        <th class="text-right font-normal">Order</th>
        <th class="hidden pl-6 text-right font-normal @lg:table-cell">Needed</th>
        <th class="hidden pl-6 text-right font-normal @3xl:table-cell">On hand</th>
        <th class="hidden pl-6 font-normal @4xl:table-cell">Wanted by</th>
        <th class="hidden pl-6 font-normal @5xl:table-cell">Over, and its use</th>
        <th class="hidden pl-6 text-right font-normal @3xl:table-cell">Price</th>
        <th class="no-print @lg:w-20"></th>
      </tr>
    </thead>
    {#each sections as section (section)}
      <tbody>
        <tr><th colspan="8" class="pt-4 pb-1 text-left"><h2 class="text-lg">{section}</h2></th></tr>
        {#each plan.buy.filter((line) => line.section === section) as line (line.at)}
          <PurchaseRow
            {line}
            {desk}
            by={wantedBy(line.ingredient)}
            short={short === line.ingredient}
            onshort={() => (short = short === line.ingredient ? undefined : line.ingredient)}
          />
          {#if short === line.ingredient}<tr><td colspan="8"><ShortOf {line} {desk} /></td></tr>{/if}
        {/each}
      </tbody>
    {/each}
  </table>
</section>
