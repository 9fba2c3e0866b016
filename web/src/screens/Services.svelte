<script lang="ts">
  import { api, ask, type Problem, type ServiceSummary } from "../api/client";
  import Fault from "../parts/Fault.svelte";
  import NewService from "../parts/NewService.svelte";
  import { day } from "../parts/day";

  let services = $state.raw<ServiceSummary[]>();
  let problem = $state.raw<Problem>();

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/services"));
    services = answer.data;
    problem = answer.problem;
  }
  void load();
</script>

<svelte:head><title>Services · Scullion</title></svelte:head>

{#if problem}<Fault {problem} />{/if}
<div class="my-3 flex items-center justify-between gap-3">
  <h1 class="text-3xl">Services</h1>
  <NewService />
</div>
{#each services ?? [] as service (service.id)}
  <a href="/services/{service.id}/count" class="tray hover:bg-base-200 mb-3 flex flex-wrap items-center gap-x-6 gap-y-1">
    <span class="min-w-60 grow">
      <b class="text-xl">{service.name}</b><br />
      <span class="quiet">{day(service.date)}, {service.from} to {service.to} · {service.salads.join(" · ")}</span>
    </span>
    <span class="text-right"><b class="text-3xl">{service.covers}</b> <span class="quiet">covers</span></span>
  </a>
{:else}
  {#if services}
    <p class="tray">No service yet. Add one: a name, a day, a window such as 11:45 to 13:30, covers such as 140, and a salad.</p>
  {/if}
{/each}
