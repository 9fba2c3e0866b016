<script lang="ts">
  import { api, ask, type KitchenRecord, type Problem } from "../api/client";
  import type { Row } from "./lists";
  import Fault from "../ui/Fault.svelte";

  // Weigh a pot of simmering water before and after: what it really boils off, under any lid.
  let {
    pot,
    version,
    oncalibrated,
  }: { pot: Row; version: number; oncalibrated: (kitchen: KitchenRecord) => void } = $props();
  let dialog: HTMLDialogElement;
  let lid = $state<"off" | "ajar" | "on">("off");
  let before = $state("");
  let after = $state("");
  let minutes = $state("30");
  let problem = $state.raw<Problem>();

  async function send(weighed: boolean): Promise<void> {
    const body = weighed
      ? { version, lid, before_grams: before, after_grams: after, minutes }
      : { version };
    const answer = await ask(
      api.POST("/api/kitchen/pots/{key}/calibration", {
        params: { path: { key: String(pot.key) } },
        body,
      }),
    );
    problem = answer.problem;
    if (!answer.data) return;

    dialog.close();
    oncalibrated(answer.data);
  }
</script>

<button type="button" class="btn btn-outline h-11" onclick={() => dialog.showModal()}
  >{pot.boil_factor ? `Boils × ${pot.boil_factor}` : "Calibrate"}</button
>
<dialog class="modal" bind:this={dialog}>
  <div class="modal-box tray grid max-w-xl gap-3">
    <h2 class="text-xl">Calibrate the {pot.name}</h2>
    <p>
      Half fill it, bring it to a simmer, weigh pot and water. Simmer as you cook, weigh again. What is
      gone sets what this pot boils off, under any lid.
    </p>
    {#if problem}<Fault {problem} />{/if}
    <label
      >Lid <select class="select h-11 w-full text-lg" bind:value={lid}
        ><option value="off">off</option><option value="ajar">ajar</option><option value="on">on</option
        ></select
      ></label
    >
    <label
      >Weight before <input
        class="input h-11 w-full text-lg"
        placeholder="14.2 kg"
        maxlength="40"
        bind:value={before}
      /></label
    >
    <label
      >Weight after <input
        class="input h-11 w-full text-lg"
        placeholder="12.6 kg"
        maxlength="40"
        bind:value={after}
      /></label
    >
    <label
      >Minutes between <input
        class="input h-11 w-full text-lg"
        maxlength="40"
        bind:value={minutes}
      /></label
    >
    <p class="quiet">Hot and heavy: weigh with two pairs of hands, or weigh a smaller pot.</p>
    <div class="modal-action mt-1">
      {#if pot.boil_factor}<button
          type="button"
          class="btn btn-outline h-11"
          onclick={() => send(false)}>Back to the usual</button
        >{/if}
      <button type="button" class="btn btn-outline h-11" onclick={() => dialog.close()}>Close</button>
      <button type="button" class="btn btn-primary h-11" onclick={() => send(true)}>Set its rate</button
      >
    </div>
  </div>
</dialog>
