<script lang="ts">
  import type { Plan } from "../../api/client";
  import DressingCard from "./DressingCard.svelte";

  let { plan }: { plan: Plan } = $props();
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-3">
  {#each plan.dress as batch (batch.at)}
    <DressingCard
      {batch}
      found={plan.hazards}
      servings={plan.count.find((portion) => portion.salad === batch.salad)?.servings.text ?? ""}
    />
  {:else}
    <p class="tray">No salad of this service has a dressing.</p>
  {/each}
</div>
