<script lang="ts">
  import type { Plan } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import GuestMatrix from "./GuestMatrix.svelte";
  import PortionCard from "./PortionCard.svelte";

  let { plan, desk }: { plan: Plan; desk: Desk } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
  {#each plan.count as portion, index (portion.at)}
    <PortionCard {portion} {desk} {index} hold={plan.hold[index]} waves={plan.waves[index]} />
  {/each}
</div>
<GuestMatrix id={desk.id} {plan} />
