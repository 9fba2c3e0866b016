<script lang="ts">
  import { api, ask, type IngredientPage, type Problem } from "../api/client";
  import { go } from "../state/place.svelte";
  import Fault from "../ui/Fault.svelte";

  // An ingredient of your own, begun from the one on screen; its figures are then set one by one.
  let { like, onadded }: { like: IngredientPage; onadded: () => void } = $props();
  let dialog: HTMLDialogElement;
  let name = $state("");
  let aliases = $state("");
  let problem = $state.raw<Problem>();

  async function add(event: Event): Promise<void> {
    event.preventDefault();
    const answer = await ask(
      api.POST("/api/ingredients", {
        body: {
          name,
          like: like.key,
          aliases: aliases
            .split(",")
            .map((alias) => alias.trim())
            .filter(Boolean),
        },
      }),
    );
    problem = answer.problem;
    if (!answer.data) return;

    dialog.close();
    onadded();
    go(`/larder/${answer.data.key}`);
  }
</script>

<button class="btn btn-outline h-11" onclick={() => dialog.showModal()}>Add one like this</button>
<dialog class="modal" bind:this={dialog}>
  <form class="modal-box tray grid max-w-xl gap-3" onsubmit={add}>
    <h2 class="text-xl">An ingredient of your own, like {like.name.toLowerCase()}</h2>
    <p>It begins with every figure of {like.name.toLowerCase()}; set those that differ on its page.</p>
    {#if problem}<Fault {problem} />{/if}
    <label
      >Name <input
        class="input h-11 w-full text-lg"
        maxlength="120"
        required
        bind:value={name}
        placeholder="Salt-marsh carrots"
      /></label
    >
    <label
      >Other names, with commas between <input
        class="input h-11 w-full text-lg"
        maxlength="400"
        bind:value={aliases}
      /></label
    >
    <div class="modal-action mt-1">
      <button type="button" class="btn btn-outline h-11" onclick={() => dialog.close()}>Close</button>
      <button class="btn btn-primary h-11">Add to the larder</button>
    </div>
  </form>
</dialog>
