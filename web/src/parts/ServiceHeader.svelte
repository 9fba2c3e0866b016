<script lang="ts">
  import type { Desk } from "../state/desk.svelte";
  import { shortDay } from "./day";
  import CoversStepper from "./CoversStepper.svelte";
  import Figure from "./Figure.svelte";
  import ServiceDetails from "./ServiceDetails.svelte";
  import Snags from "./Snags.svelte";

  // Never leaves: name, window, covers, when to dress, snags.
  let { desk }: { desk: Desk } = $props();
  const service = $derived(desk.service!);
  const plan = $derived(desk.plan!);
  const salads = $derived(plan.count.length === 1 ? "one salad" : `${plan.count.length} salads`);
  const hold = $derived(plan.hold.reduce((first, other) => (String(other.dress_from.value) < String(first.dress_from.value) ? other : first)));
</script>

<header class="tray flex flex-wrap items-center gap-x-5 gap-y-2 py-2!">
  <div class="min-w-0 grow basis-64">
    <h1 class="text-2xl break-words">{service.name}</h1>
    <p class="quiet flex flex-wrap items-center gap-x-2"><span>{shortDay(service.date)}, {service.from} to {service.to}<span class="hidden xl:inline">{` · ${salads}`}</span></span><ServiceDetails {desk} /></p>
  </div>
  <CoversStepper {desk} />
  <div class="border-base-300 flex items-center gap-4 sm:border-l sm:pl-4">
    <div><Figure of={hold.dress_from} label="Dress from" /><div class="quiet">dress from</div></div>
    <div><Figure of={hold.dress_by} label="Dress by" /><div class="quiet">dress by</div></div>
    <Snags snags={plan.snags} id={service.id} />
    <button class="btn btn-outline no-print h-11" onclick={() => desk.undo()} disabled={desk.undos.length === 0}>Undo</button>
  </div>
</header>
