<script lang="ts">
  import type { Snag } from "../api/client";
  import type { Desk } from "./desk.svelte";
  import { shortDay } from "../ui/dates";
  import Mark from "../ui/Mark.svelte";
  import CoversStepper from "./CoversStepper.svelte";
  import ServiceDetails from "./ServiceDetails.svelte";
  import Snags from "./Snags.svelte";

  // Never leaves: name, window, covers, the first start, the latest dressing, snags. What comes in
  // late or changes moves nothing that a finger may be on its way to.
  let { desk }: { desk: Desk } = $props();
  const service = $derived(desk.service!);
  const plan = $derived(desk.plan!);
  const salads = $derived(plan.count.length === 1 ? "one salad" : `${plan.count.length} salads`);
  const day = $derived(desk.day.roster);
  // Of the plan and of its day: a day that does not work is a snag too.
  const snags = $derived([
    ...(day?.hazards ?? [])
      .filter((found) => found.stage === "day" && found.grave !== "mind")
      .map((found) => snag(found.grave === "stop" ? "stop" : "look", found.what, found.remedy)),
    ...(day && !day.works ? day.says.map((said) => snag("stop", said, "")) : []),
    ...plan.snags,
  ]);
  const snag = (severity: Snag["severity"], what: string, remedy: string): Snag => ({
    severity,
    stage: "day",
    what,
    remedy,
  });
  const chance = $derived(desk.day.chance);
  // In how many of a hundred days everything is ready, once it is played.
  const under = $derived(
    day && !day.works
      ? "the day does not work"
      : chance
        ? `first start, ready ${chance.days} in 100`
        : "first start",
  );
</script>

<header class="tray flex flex-wrap items-center gap-x-4 gap-y-2 py-2!">
  <div class="min-w-0 grow basis-64 lg:grow-0 lg:basis-72 xl:basis-96">
    <h1 class="text-2xl break-words">{service.name}</h1>
    <p class="quiet flex flex-wrap items-center gap-x-2">
      <span
        >{shortDay(service.date)}, {service.from} to {service.to}<span class="hidden xl:inline"
          >{` · ${salads}`}</span
        ></span
      ><ServiceDetails {desk} />
    </p>
  </div>
  <CoversStepper {desk} />
  <div
    class={[
      "border-base-300 flex flex-wrap items-center gap-x-3 gap-y-2 lg:ml-auto",
      "lg:flex-nowrap xl:border-l xl:pl-4",
    ]}
  >
    <a class="min-h-11 min-w-40" href="/services/{service.id}/day" title="See the day">
      <b class="flex items-center gap-1 text-xl whitespace-nowrap tabular-nums"
        >{#if day && !day.works}<span class="text-error"><Mark kind="stop" /></span
          >{:else if chance && !chance.enough}<Mark kind="look" />{/if}{day?.first ?? "…"}</b
      >
      <div class="quiet">{under}</div>
    </a>
    <div>
      <b class="text-xl tabular-nums">{plan.service.latest_dress}</b>
      <div class="quiet whitespace-nowrap">latest dressing</div>
    </div>
    <Snags {snags} id={service.id} />
    <button
      class="btn btn-outline no-print h-11"
      onclick={() => desk.undo()}
      disabled={desk.undos.length === 0}>Undo</button
    >
  </div>
</header>
