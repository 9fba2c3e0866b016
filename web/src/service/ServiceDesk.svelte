<script lang="ts">
  import { setContext } from "svelte";
  import ClashNote from "./ClashNote.svelte";
  import DifferenceLine from "./DifferenceLine.svelte";
  import Fault from "../ui/Fault.svelte";
  import StopBar from "./StopBar.svelte";
  import ServiceHeader from "./ServiceHeader.svelte";
  import StageStrip from "./StageStrip.svelte";
  import WorkingPanel from "../ui/WorkingPanel.svelte";
  import { SILENCE } from "../api/client";
  import { Desk } from "./desk.svelte";
  import { whenMoved } from "../state/live.svelte";
  import { units } from "../state/units.svelte";
  import { go, STAGES, type Stage } from "../state/place.svelte";
  import Build from "./build/Build.svelte";
  import Buy from "./buy/Buy.svelte";
  import Cook from "./cook/Cook.svelte";
  import Day from "./day/Day.svelte";
  import Count from "./count/Count.svelte";
  import Dress from "./dress/Dress.svelte";
  import Prep from "./prep/Prep.svelte";

  let { id, stage }: { id: number; stage: Stage } = $props();
  // The screen is made anew for another service, so the first id is the one.
  // svelte-ignore state_referenced_locally
  const desk = new Desk(id);
  setContext("desk", () => desk);
  const stages = {
    count: Count,
    buy: Buy,
    prep: Prep,
    cook: Cook,
    dress: Dress,
    day: Day,
    build: Build,
  };
  const Current = $derived(stages[stage]);
  $effect(() => {
    void units.turned;
    void desk.open();
  });

  $effect(() => {
    if (desk.plan) desk.solveSoon();
  });

  $effect(() => whenMoved(() => void desk.moved(), id));

  function keys(event: KeyboardEvent): void {
    const target = event.target as HTMLElement;
    if ((event.ctrlKey || event.metaKey) && event.key === "z" && !target.closest("input, textarea"))
      desk.undo();
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      target.closest("input, textarea, dialog[open]")
    )
      return;

    const chosen = STAGES[Number(event.key) - 1];
    if (chosen) go(`/services/${id}/${chosen}`);
    else if (event.key === "Escape") desk.close();
    else if (event.key === "p") print();
    else if (event.key === "w")
      void desk.explain(target.dataset.at ?? desk.plan?.count[0]?.portion_grams.at ?? "");
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>{desk.service ? `${desk.service.name} · Scullion` : "Scullion"}</title></svelte:head
>

{#if desk.problem}<Fault problem={desk.problem} />{/if}
{#if desk.plan && desk.service}
  <div class="bg-base-200 sticky top-0 z-10 pt-1 {desk.working ? 'xl:mr-[29rem]' : ''}">
    <ServiceHeader {desk} />
    <StageStrip {id} {stage} />
    <StopBar found={desk.found} day={desk.day} />
    {#if desk.silent}<Fault problem={SILENCE} />{/if}
    {#if desk.clash}<ClashNote {desk} />{/if}
  </div>
  <div
    class="no-print pointer-events-none fixed inset-x-0 bottom-3 z-30 flex justify-center px-3"
    aria-live="polite"
  >
    {#if desk.difference}<DifferenceLine {...desk.difference} />{/if}
  </div>
  <div class={desk.working ? "@container xl:mr-[29rem]" : "@container"}>
    <Current plan={desk.plan} {desk} />
  </div>
  {#if desk.working}<WorkingPanel {desk} service={id} />{/if}
{:else if !desk.problem}
  <p class="quiet p-6">Working out the plan …</p>
{/if}
