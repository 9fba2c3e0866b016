<script lang="ts">
  import { api, ask, type Problem } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import { planFromNow } from "../service/day/day.svelte";
  import { go } from "../state/place.svelte";
  import { tomorrow } from "../ui/clock";

  // From the desk straight into a service: covers and a date, and it is planned.
  let {
    name,
    disabled,
    make,
  }: { name: string; disabled: boolean; make: () => Promise<string | undefined> } = $props();
  let dialog: HTMLDialogElement;
  let problem = $state.raw<Problem>();
  let busy = $state(false);
  let draft = $state({ date: tomorrow(), covers: "140", from: "11:45", to: "13:30" });

  // Made once: a day that is refused is mended here, and a salad that stands by then is gone to.
  let salad: string | undefined;

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (busy) return;
    busy = true;
    salad ??= await make();
    if (salad) {
      const covers = (Number(draft.covers) || draft.covers) as number;
      const answer = await ask(
        api.POST("/api/services", { body: { ...draft, name, covers, lines: [{ salad }] } }),
      );
      problem = answer.problem;
      if (answer.data) {
        await planFromNow(answer.data);
        go(`/services/${answer.data.id}/count`);
      }
    }
    busy = false;
  }

  function closed(): void {
    if (salad) go(`/salads/${salad}`);
  }
</script>

<button class="btn btn-primary h-11" {disabled} onclick={() => dialog.showModal()}
  >Into a service</button
>
<dialog class="modal" bind:this={dialog} onclose={closed}>
  <form class="modal-box grid gap-3" onsubmit={add}>
    <h2 class="text-2xl">{name}, into a service</h2>
    {#if problem}<Fault {problem} />{/if}
    <label class="grid gap-1"
      >Day <input class="input h-11 w-full" type="date" required bind:value={draft.date} /></label
    >
    <label class="grid gap-1"
      >Covers <input
        class="input h-11 w-full"
        inputmode="numeric"
        required
        bind:value={draft.covers}
      /></label
    >
    <span class="grid grid-cols-2 gap-3">
      <label class="grid gap-1"
        >From <input class="input h-11 w-full" type="time" required bind:value={draft.from} /></label
      >
      <label class="grid gap-1"
        >To <input class="input h-11 w-full" type="time" required bind:value={draft.to} /></label
      >
    </span>
    <span class="flex justify-end gap-2">
      <button class="btn btn-ghost h-11" type="button" onclick={() => dialog.close()}>Cancel</button>
      <button class="btn btn-primary h-11" disabled={busy}>Plan it</button>
    </span>
  </form>
</dialog>
