<script lang="ts">
  import type { Explains } from "./explains";
  import Entries from "../record/Entries.svelte";
  import WorkingSource from "./WorkingSource.svelte";
  import WorkingTree from "./WorkingTree.svelte";

  // service: whose record says what was weighed of it.
  let { desk, service }: { desk: Explains; service?: number } = $props();
  const working = $derived(desk.working!);
  const sheet = $derived(working.at.replace(/\/[^/]+$/, ""));
  let panel: HTMLElement;

  $effect(() => {
    void working.at;
    panel.focus();
  });
</script>

<div
  bind:this={panel}
  class={[
    "no-print bg-base-100 border-primary fixed inset-y-0 right-0 z-20 w-full",
    "max-w-[30rem] overflow-y-auto border-l-2 outline-none p-4 shadow-xl",
  ]}
  role="dialog"
  aria-labelledby="working-title"
  tabindex="-1"
>
  <div class="flex items-start justify-between gap-3">
    <div>
      <p class="quiet">The working{working.of ? ` · ${working.of}` : ""}</p>
      <h2 id="working-title" class="text-xl">{working.label}</h2>
    </div>
    <button class="btn btn-outline h-11" onclick={() => desk.close()}>Close</button>
  </div>
  <p class="my-2 text-4xl font-bold" data-testid="working-value">{working.text}</p>
  {#if working.how}<p class="mb-2">= {working.how}</p>{/if}
  <WorkingSource {working} {desk} />
  {#if service}{#key sheet}<Entries {service} at={sheet} />{/key}{/if}
  {#each working.from as input (input.at)}
    <WorkingTree working={input} {desk} of={working.of} open />
  {/each}
</div>
