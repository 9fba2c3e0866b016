<script lang="ts">
  let dialog: HTMLDialogElement;
  const keys: [string, string][] = [
    ["1 – 7", "the stages, Count to Build; Day is 6"],
    ["+  −", "one cover more or less"],
    ["w", "the working of the figure in focus; Esc closes it"],
    ["s", "snags"],
    ["Ctrl Z", "undo"],
    ["p", "print this stage"],
    ["?", "this list"],
  ];

  function open(event: KeyboardEvent): void {
    if (event.key === "?" && !(event.target as Element).closest("input, textarea")) dialog.showModal();
  }
</script>

<svelte:window onkeydown={open} />

<button class="px-3" onclick={() => dialog.showModal()} aria-label="Help and shortcuts">?</button>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray text-base-content">
    <h2 class="mb-3 text-xl">Keys, and how to read a stage</h2>
    <dl class="grid grid-cols-[6rem_1fr] gap-y-2">
      {#each keys as [key, does] (key)}
        <dt><kbd class="kbd">{key}</kbd></dt>
        <dd>{does}</dd>
      {/each}
    </dl>
    <p class="mt-4">
      Any number with a dotted line opens <b>its working</b>: how it came about, who says so, and what
      you can change. Changes save themselves. Safety limits are house rules: your local code and your
      food-safety lead decide.
    </p>
    <form method="dialog" class="modal-action">
      <button class="btn btn-primary h-11">Close</button>
    </form>
  </div>
</dialog>
