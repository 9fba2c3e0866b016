<script lang="ts">
  import type { Snag } from "../api/client";
  import { go } from "../state/place.svelte";
  import Mark from "../ui/Mark.svelte";

  // Everything to look at before service, worst first, in one drawer.
  let { snags, id }: { snags: Snag[]; id: number } = $props();
  let dialog: HTMLDialogElement;
  const worst = $derived(snags[0]?.severity ?? "fits");

  function keys(event: KeyboardEvent): void {
    if (
      event.key === "s" &&
      !event.ctrlKey &&
      !event.metaKey &&
      !(event.target as Element).closest("input, textarea")
    )
      dialog.showModal();
  }

  function visit(stage: string): void {
    dialog.close();
    go(`/services/${id}/${stage}`);
  }
</script>

<svelte:window onkeydown={keys} />

<button class="flex min-h-11 min-w-11 flex-col items-start px-1" onclick={() => dialog.showModal()}>
  <span class="flex items-center gap-1.5 text-xl font-bold"
    ><Mark kind={worst} />{snags.length || "None"}</span
  >
  <span class="quiet">{snags.length === 1 ? "snag" : "snags"}</span>
</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray max-w-2xl">
    <h2 class="mb-3 text-xl">Snags, worst first</h2>
    {#each snags as snag, index (index)}
      <div class="border-base-300 grid grid-cols-[1.5rem_1fr_auto] gap-2 border-t py-3">
        <span class="mt-1"><Mark kind={snag.severity} /></span>
        <div><b>{snag.what}</b><br />{snag.remedy}</div>
        <button class="btn btn-outline h-11 capitalize" onclick={() => visit(snag.stage)}
          >{snag.stage}</button
        >
      </div>
    {:else}
      <p>Nothing to look at. Pots, trays, bowls and times all fit.</p>
    {/each}
    <form method="dialog" class="modal-action">
      <button class="btn btn-primary h-11">Close</button>
    </form>
  </div>
</dialog>
