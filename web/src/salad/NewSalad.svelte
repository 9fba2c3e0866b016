<script lang="ts">
  import { api, ask, type IngredientSummary, type Problem } from "../api/client";
  import { go } from "../state/place.svelte";
  import { keyFor } from "./components";
  import FindIngredient from "../larder/FindIngredient.svelte";
  import Fault from "../ui/Fault.svelte";

  // A salad begins with a name and what it is built on; the rest is added on the editor.
  let dialog: HTMLDialogElement;
  let name = $state("");
  let base = $state.raw<IngredientSummary>();
  let problem = $state.raw<Problem>();

  async function add(event: Event): Promise<void> {
    event.preventDefault();
    if (!base) return;
    const { data: page } = await ask(
      api.GET("/api/ingredients/{key}/page", { params: { path: { key: base.key } } }),
    );
    if (!page) return;
    const answer = await ask(
      api.POST("/api/salads", {
        body: { key: keyFor(name), name, components: [{ ...page.default_component, role: "base" }] },
      }),
    );
    problem = answer.problem;
    if (!answer.data) return;
    dialog.close();
    go(`/salads/${answer.data.key}`);
  }
</script>

<button class="btn btn-primary h-11" onclick={() => dialog.showModal()}>Add a salad</button>
<dialog class="modal" bind:this={dialog}>
  <form class="modal-box tray grid max-w-xl gap-3" onsubmit={add}>
    <h2 class="text-xl">A new salad</h2>
    {#if problem}<Fault {problem} />{/if}
    <label
      >Name <input
        class="input h-11 w-full text-lg"
        maxlength="120"
        required
        bind:value={name}
        placeholder="Barley, roast carrot, dill"
      /></label
    >
    <FindIngredient label="Built on" chosen={base?.name} onchosen={(found) => (base = found)} />
    <div class="modal-action mt-1">
      <button type="button" class="btn btn-outline h-11" onclick={() => dialog.close()}>Close</button>
      <button class="btn btn-primary h-11" disabled={!base || !name.trim()}>To the salad</button>
    </div>
  </form>
</dialog>
