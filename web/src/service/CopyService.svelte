<script lang="ts">
  import { api, ask, type Problem, type ServiceSummary } from "../api/client";
  import { planFromNow } from "./day/day.svelte";
  import { go } from "../state/place.svelte";
  import { later, shortDay } from "../ui/dates";
  import Fault from "../ui/Fault.svelte";

  // A service made again on another date, for as many as it usually comes to.
  let { service }: { service: ServiceSummary } = $props();
  let dialog: HTMLDialogElement;
  let history = $state.raw<{ usual: number; covers: { date: string; covers: number }[] }>();
  let date = $state("");
  let covers = $state<number>();
  let problem = $state.raw<Problem>();
  let busy = $state(false);

  // A week later, as most services come again.
  async function open(): Promise<void> {
    date = later(service.date, 7);
    dialog.showModal();
    history = (
      await ask(api.GET("/api/services/{id}/history", { params: { path: { id: service.id } } }))
    ).data;
    covers = history?.usual ?? service.covers;
  }

  async function copy(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    busy = true;
    const answer = await ask(
      api.POST("/api/services/{id}/copy", {
        params: { path: { id: service.id } },
        body: { date, ...(covers ? { covers } : {}) },
      }),
    );
    if (answer.data) await planFromNow(answer.data);
    busy = false;
    problem = answer.problem;
    if (answer.data) go(`/services/${answer.data.id}/count`);
  }
</script>

<button class="btn btn-outline h-11" aria-label="Make {service.name} again" onclick={open}>Again</button
>
<dialog class="modal" bind:this={dialog}>
  <form class="modal-box tray" onsubmit={copy}>
    <h2 class="mb-2 text-xl">{service.name}, again</h2>
    {#if problem}<Fault {problem} />{/if}
    <div class="grid gap-2 sm:grid-cols-2">
      <label>Date <input class="input h-11 w-full text-lg" type="date" bind:value={date} /></label>
      <label
        >Covers <input
          class="input h-11 w-full text-lg"
          type="number"
          min="1"
          max="5000"
          bind:value={covers}
        /></label
      >
    </div>
    {#if history}<p class="quiet mt-2">
        Before: {history.covers.map((each) => `${shortDay(each.date)} ${each.covers}`).join(", ")}.
        Usually {history.usual}.
      </p>{/if}
    <div class="modal-action">
      <button type="button" class="btn btn-outline h-11" onclick={() => dialog.close()}>Cancel</button
      ><button class="btn btn-primary h-11" disabled={busy}>Make it again</button>
    </div>
  </form>
</dialog>
