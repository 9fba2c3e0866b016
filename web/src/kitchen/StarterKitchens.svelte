<script lang="ts">
  import { api, ask, type Starter } from "../api/client";

  // A kitchen to begin from; it fills the form, and nothing is kept until it is saved.
  let { onchosen }: { onchosen: (starter: Starter) => void } = $props();
  let dialog: HTMLDialogElement;
  let starters = $state.raw<Starter[]>([]);

  async function open(): Promise<void> {
    starters = (await ask(api.GET("/api/kitchen/starters"))).data ?? [];
    dialog.showModal();
  }
</script>

<button type="button" class="btn btn-outline h-11" onclick={open}>Begin from a starter kitchen</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray max-w-xl">
    <h2 class="mb-2 text-xl">Kitchens to begin from</h2>
    <p class="mb-2">It fills this page in place of what stands here; nothing is kept until you save.</p>
    {#each starters as starter (starter.key)}
      <div class="border-base-300 flex items-center gap-3 border-t py-3">
        <div class="grow"><b>{starter.name}</b><br />{starter.why}</div>
        <button
          type="button"
          class="btn btn-outline h-11"
          onclick={() => {
            dialog.close();
            onchosen(starter);
          }}>Begin with it</button
        >
      </div>
    {/each}
    <form method="dialog" class="modal-action">
      <button class="btn btn-outline h-11">Close</button>
    </form>
  </div>
</dialog>
