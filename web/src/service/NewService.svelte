<script lang="ts">
  import { api, ask, type Problem } from "../api/client";
  import { planFromNow } from "./day/day.svelte";
  import { go } from "../state/place.svelte";
  import { tomorrow } from "../ui/clock";
  import Fault from "../ui/Fault.svelte";

  let dialog: HTMLDialogElement;
  let salads = $state.raw<{ key: string; name: string }[]>([]);
  let chosen = $state<string[]>([]);
  let draft = $state({ name: "", date: tomorrow(), from: "11:45", to: "13:30", covers: "" });
  let problem = $state.raw<Problem>();
  let busy = $state(false);

  async function open(): Promise<void> {
    dialog.showModal();
    salads = (await ask(api.GET("/api/salads"))).data ?? [];
    if (salads.length === 1) chosen = [salads[0]!.key];
  }

  // Covers go as typed when they are no number: the server says what is wrong.
  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    const covers = (Number(draft.covers) || draft.covers) as number;
    const answer = await ask(
      api.POST("/api/services", {
        body: { ...draft, covers, lines: chosen.map((salad) => ({ salad })) },
      }),
    );
    if (answer.data) await planFromNow(answer.data);
    busy = false;
    problem = answer.problem;
    if (answer.data) go(`/services/${answer.data.id}/count`);
  }
</script>

<button class="btn btn-primary h-11" onclick={open}>Add a service</button>
<dialog class="modal" bind:this={dialog}>
  <form class="modal-box tray" onsubmit={add}>
    <h2 class="mb-3 text-xl">Add a service</h2>
    {#if problem}<Fault {problem} />{/if}
    <label class="mb-2 block"
      >Name <input
        class="input h-11 w-full text-lg"
        placeholder="Sunday lunch, boat crew"
        maxlength="120"
        bind:value={draft.name}
      /></label
    >
    <div class="grid gap-2 sm:grid-cols-2">
      <label>Date <input class="input h-11 w-full text-lg" type="date" bind:value={draft.date} /></label
      >
      <label
        >Covers <input
          class="input h-11 w-full text-lg"
          inputmode="numeric"
          placeholder="140"
          bind:value={draft.covers}
        /></label
      >
      <label>From <input class="input h-11 w-full text-lg" type="time" bind:value={draft.from} /></label
      >
      <label>To <input class="input h-11 w-full text-lg" type="time" bind:value={draft.to} /></label>
    </div>
    <fieldset class="mt-3">
      <legend>Salads</legend>
      {#each salads as salad (salad.key)}
        <label class="flex min-h-11 cursor-pointer items-center gap-3"
          ><input
            type="checkbox"
            class="checkbox"
            value={salad.key}
            bind:group={chosen}
          />{salad.name}</label
        >
      {/each}
    </fieldset>
    <div class="modal-action">
      <button type="button" class="btn btn-outline h-11" onclick={() => dialog.close()}>Cancel</button>
      <button class="btn btn-primary h-11" disabled={busy}>Add and plan</button>
    </div>
  </form>
</dialog>
