<script lang="ts">
  import Dot from "../ui/Dot.svelte";
  import { api, ask, type Schemas } from "../api/client";
  import { wallClock } from "../ui/clock";
  import { shortDay } from "../ui/dates";
  import type { Desk } from "./desk.svelte";

  // What is in the cold room of what this service needs, each lot with its switch; and more of something
  // made on purpose for another day.
  let { desk }: { desk: Desk } = $props();
  type Need = Schemas["NeedOnHand"];
  type Lot = Need["lots"][number];
  let needs = $state.raw<Need[]>([]);
  let adding = $state(false);
  let preparation = $state("");
  let grams = $state("");
  let what = $state("");
  const there = $derived(needs.filter((need) => need.lots.length > 0));
  const made = $derived(needs.filter((need) => need.more));

  // As it is for the plan that stands.
  $effect(() => {
    const plan = desk.plan;
    void ask(
      api.GET("/api/services/{id}/lots", {
        params: { path: { id: desk.id }, query: { now: wallClock() } },
      }),
    ).then(({ data }) => {
      if (data && plan === desk.plan) needs = data;
    });
  });

  const turn = (need: Need, lot: Lot) =>
    desk.day.decide(
      lot.taken
        ? { unlot: { preparation: need.preparation, code: lot.code } }
        : { lot: { preparation: need.preparation, code: lot.code, grams: lot.grams } },
    );

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    await desk.day.decide({ more: { preparation, written: grams, for: what.trim() } });
    if (!desk.day.problem) [adding, grams, what] = [false, "", ""];
  }
</script>

{#if needs.length > 0}
  <section
    class={["no-print mb-3", (there.length > 0 || made.length > 0 || adding) && "tray"]}
    aria-label="On hand"
  >
    <div class="flex flex-wrap items-center gap-x-4">
      <h2 class={["mr-auto", there.length > 0 ? "text-xl" : "quiet text-base font-normal"]}>
        {there.length > 0 ? "In the cold room already" : "Nothing of it is in the cold room already."}
      </h2>
      <button class="btn btn-outline h-11" aria-expanded={adding} onclick={() => (adding = !adding)}
        >Make more for another day</button
      >
    </div>
    {#each there as need (need.preparation)}
      <div
        class={[
          "border-base-300 flex flex-wrap items-center gap-x-4 gap-y-1 border-t py-1",
          "first-of-type:border-0",
        ]}
      >
        <span class="flex w-56 items-center gap-2"
          ><Dot colour={need.colour ?? "#888"} /><span
            ><b>{need.name}</b> <span class="quiet">{need.needed} needed</span></span
          ></span
        >
        {#each need.lots as lot (lot.code)}
          <label class="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              class="toggle toggle-lg"
              checked={lot.taken}
              disabled={desk.day.busy || (!lot.taken && lot.grams === 0)}
              onchange={() => turn(need, lot)}
            />
            <span
              ><a class="link font-bold" href="/record/{lot.code}">{lot.code}</a>
              {lot.taken ? `${lot.takes} taken, ${lot.leaves} left` : `${lot.text} free`}
              <span class="quiet">until {shortDay(lot.discard.slice(0, 10))}</span></span
            >
          </label>
        {/each}
      </div>
    {/each}
    {#each made as need (need.preparation)}
      <p class="border-base-300 flex flex-wrap items-center gap-x-4 border-t py-1">
        <span class="grow"><b>{need.name}</b>: {need.more}, made on purpose</span>
        <button
          class="btn btn-outline h-11"
          onclick={() => desk.day.decide({ unmore: need.preparation })}>Not this time</button
        >
      </p>
    {/each}
    {#if adding}
      <form class="border-base-300 flex flex-wrap items-end gap-3 border-t pt-2" onsubmit={add}>
        <label class="grid"
          >Of <select class="select h-11" required bind:value={preparation}>
            {#each needs as need (need.preparation)}<option value={need.preparation}>{need.name}</option
              >{/each}
          </select></label
        >
        <label class="grid"
          >How much <input
            class="input h-11 w-32"
            required
            maxlength="20"
            placeholder="2 kg"
            bind:value={grams}
          /></label
        >
        <label class="grid"
          >For <input
            class="input h-11 w-48"
            required
            maxlength="60"
            placeholder="Wednesday"
            bind:value={what}
          /></label
        >
        <button class="btn btn-primary h-11" disabled={desk.day.busy}>Make it too</button>
      </form>
    {/if}
    {#if desk.day.problem}<p class="text-error mt-1">
        {desk.day.problem.title}
        {desk.day.problem.remedy ?? ""}
      </p>{/if}
  </section>
{/if}
