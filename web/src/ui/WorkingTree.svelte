<script lang="ts">
  import type { Working } from "../api/client";
  import type { Explains } from "./explains";
  import WorkingSource from "./WorkingSource.svelte";
  import WorkingTree from "./WorkingTree.svelte";

  // One figure and, folded below it, those it was made from; down to what you decided and
  // what the larder says.
  let {
    working,
    desk,
    of,
    open = false,
  }: { working: Working; desk: Explains; of?: string; open?: boolean } = $props();
</script>

<details class="border-base-300 border-l-2 pl-3" {open}>
  <summary class="flex min-h-11 cursor-pointer list-none items-baseline gap-2 py-1.5">
    <span class="quiet w-4 shrink-0 text-center" aria-hidden="true"
      >{working.from.length > 0 ? "▸" : "·"}</span
    >
    <span class="grow"
      >{working.label}{#if working.of && working.of !== of}<span class="quiet"
          >{` · ${working.of}`}</span
        >{/if}</span
    >
    <b class="whitespace-nowrap text-lg">{working.text}</b>
  </summary>
  <div class="pb-2 pl-6">
    {#if working.again}<p class="quiet">As worked out above.</p>{/if}
    {#if working.how}<p class="quiet">= {working.how}</p>{/if}
    <WorkingSource {working} {desk} />
    {#each working.from as input (input.at)}
      <WorkingTree working={input} {desk} of={working.of} open={input.from.length === 0} />
    {/each}
  </div>
</details>

<style>
  details[open] > summary > span:first-child {
    transform: rotate(90deg);
  }
</style>
