<script lang="ts">
  import type { Judged } from "../api/client";
  import type { SaladBench } from "../state/salad.svelte";
  import Mark from "./Mark.svelte";

  // Amounts that are never in that food: the usual range, the nearest reading that fits with one
  // tap to take it, or "it is right".
  let { slips, bench }: { slips: Judged["slips"]; bench: SaladBench } = $props();

  function take(at: string, grams: number): void {
    const [, index] = /^components\/(\d+)$/.exec(at) ?? [];
    if (index !== undefined) bench.component(Number(index), { grams });
  }
</script>

{#each slips as slip (slip.at)}
  <div class="tray mb-3" role="status" aria-label="A slip?">
    <p class="flex items-start gap-2"><span class="mt-1"><Mark kind="look" /></span><span><b>{slip.what}</b> {slip.range}</span></p>
    {#if slip.at.startsWith("components/")}
      <p class="mt-2 flex flex-wrap gap-2 pl-6">
        {#if slip.reading}<button class="btn btn-primary h-11" onclick={() => take(slip.at, slip.reading!.grams)}>Make it {slip.reading.text}: {slip.reading.name}</button>{/if}
        <button class="btn btn-outline h-11" onclick={() => bench.component(Number(slip.at.split("/")[1]), { right: true })}>It is right</button>
      </p>
    {:else}
      <p class="mt-1 pl-6">In the dressing.{slip.reading ? ` It would fit as ${slip.reading.text}: ${slip.reading.name}.` : ""}</p>
    {/if}
  </div>
{/each}
