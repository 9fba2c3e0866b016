<script lang="ts">
  import type { Plan } from "../api/client";

  // What is made once for several services: what comes from another, and what is for one.
  let { plan }: { plan: Plan } = $props();
</script>

{#if plan.shared.length > 0}
  <section class="tray mb-3" aria-label="Made once for several services, or on hand">
    {#each plan.shared as said, index (index)}<p>{said}</p>{/each}
  </section>
{/if}
