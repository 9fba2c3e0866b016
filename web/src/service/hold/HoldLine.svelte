<script lang="ts">
  import type { HoldWindow, Schemas } from "../../api/client";
  import Figure from "../../ui/Figure.svelte";

  // The hold window in one line; the whole of it stands on Build.
  let { hold, waves }: { hold: HoldWindow; waves: Schemas["Waves"] | undefined } = $props();
  const first = $derived(waves?.dressed_in_waves ? waves.list[0] : undefined);
</script>

<p class="border-base-300 mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1 border-t pt-2">
  {#if waves && first}
    <span
      >Dress wave by wave, <Figure of={waves.waves} size="text-lg" label="Waves" />: the first
      <b class="text-lg tabular-nums">{first.dress_from} to {first.dress_by}</b></span
    >
    <span>at its best for <Figure of={hold.dressed_minutes} size="text-lg" label="At its best" /></span>
  {:else}
    <span
      >Dress <Figure of={hold.dress_from} size="text-lg" label="Dress no earlier than" /> to <Figure
        of={hold.dress_by}
        size="text-lg"
        label="Dress by"
      /></span
    >
    <span>ready from <Figure of={hold.ready_from} size="text-lg" label="Earliest ready" /></span>
    <span>best until <Figure of={hold.best_until} size="text-lg" label="Best until" /></span>
  {/if}
  <span>discard by <Figure of={hold.discard_by} size="text-lg" label="Discard by" /></span>
  <span class="quiet ml-auto">{hold.rules} · your local code decides</span>
</p>
