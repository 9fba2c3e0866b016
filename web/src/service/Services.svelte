<script lang="ts">
  import { api, ask, type Problem, type Schemas, type ServiceSummary } from "../api/client";
  import CopyService from "./CopyService.svelte";
  import Fault from "../ui/Fault.svelte";
  import NewService from "./NewService.svelte";
  import { monday, shortDay } from "../ui/dates";
  import Mark from "../ui/Mark.svelte";
  import { wallClock } from "../ui/clock";
  import { go } from "../state/place.svelte";

  // The services week by week, with what each week comes to.
  const today = wallClock().slice(0, 10);
  let services = $state.raw<ServiceSummary[]>();
  let missing = $state.raw<Problem>();
  let problem = $state.raw<Problem>();

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/services"));
    services = answer.data;
    missing = answer.problem;
    await sayHowSure();
  }
  void load();

  // Of the days to come, how sure each is; one after the other, as each is solved for it. Their place is
  // kept from the beginning: what comes late moves no button from under a finger.
  const AHEAD = 7;
  let sure = $state<Record<number, Schemas["Chance"]>>({});
  const near = $derived(
    (services ?? [])
      .filter((service) => service.date >= today)
      .slice(0, AHEAD)
      .map(({ id }) => id),
  );
  async function sayHowSure(): Promise<void> {
    for (const id of near) {
      const { data } = await ask(
        api.GET("/api/services/{id}/day/chance", { params: { path: { id } } }),
      );
      if (data) sure[id] = data;
    }
  }

  const byWeek = (some: ServiceSummary[]) =>
    [...new Set(some.map((service) => monday(service.date)))].map((start) => ({
      start,
      services: some.filter((service) => monday(service.date) === start),
    }));
  // What is still to come; and what is over, folded away, the latest first.
  const coming = $derived(byWeek((services ?? []).filter((service) => service.date >= today)));
  const over = $derived(byWeek((services ?? []).filter((service) => service.date < today)).reverse());

  // Dates on which the kitchen serves more than once.
  const crowded = (some: ServiceSummary[]) =>
    [...new Set(some.map(({ date }) => date))].filter(
      (date) => some.filter((service) => service.date === date).length > 1,
    );

  async function bring(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const text = await input.files?.[0]?.text();
    // So that the same file, mended, can be chosen again.
    input.value = "";
    if (text === undefined) return;
    let brief: unknown;
    try {
      brief = JSON.parse(text);
    } catch {
      problem = {
        type: "about:blank",
        title: "That file is not JSON.",
        status: 400,
        remedy: "Choose the file that a service's Day gave: Whole service, JSON.",
        faults: [],
      };
      return;
    }
    const answer = await ask(api.POST("/api/services/import", { body: brief as Schemas["Brief"] }));
    problem = answer.problem;
    if (answer.data) go(`/services/${answer.data.id}/count`);
  }
</script>

<svelte:head><title>Services · Scullion</title></svelte:head>

<Fault problem={problem ?? missing} />
<div class="my-3 flex flex-wrap items-center justify-between gap-3">
  <h1 class="mr-auto text-3xl">Services</h1>
  <label class="btn btn-outline h-11"
    >Bring one in <input
      class="sr-only"
      type="file"
      accept=".json,application/json"
      aria-label="Bring in a service's JSON file"
      onchange={bring}
    /></label
  >
  <NewService />
</div>
{#snippet weekOf(week: { start: string; services: ServiceSummary[] })}
  <section class="mb-4" aria-label="Week of {shortDay(week.start)}">
    <div class="mb-1 flex flex-wrap items-center gap-x-4">
      <h2 class="quiet mr-auto text-lg">
        Week of {shortDay(week.start)} · {week.services.reduce(
          (sum, service) => sum + service.covers,
          0,
        )} covers in {week.services.length === 1 ? "one service" : `${week.services.length} services`}
      </h2>
      {#each crowded(week.services) as date (date)}<a class="btn btn-outline h-11" href="/days/{date}"
          >Whole kitchen, {shortDay(date)}</a
        >{/each}
      <a class="btn btn-outline h-11" href="/weeks/{week.start}">The week's order</a>
    </div>
    {#each week.services as service (service.id)}
      <div class="tray mb-3 flex flex-wrap items-center gap-x-6 gap-y-1">
        <a
          href="/services/{service.id}/count"
          class="hover:bg-base-200 flex min-w-60 grow flex-wrap items-center gap-x-6"
        >
          <span class="grow">
            <b class="text-xl">{service.name}</b><br />
            <span class="quiet"
              >{shortDay(service.date)}, {service.from} to {service.to} · {service.salads.join(
                " · ",
              )}</span
            >
            {#if near.includes(service.id)}<span class="flex min-h-6 items-center gap-2"
                >{#if sure[service.id]}<Mark kind={sure[service.id]!.enough ? "fits" : "look"} />{sure[
                    service.id
                  ]!.said}{/if}</span
              >{/if}
          </span>
          <span class="text-right"
            ><b class="text-3xl">{service.covers}</b> <span class="quiet">covers</span></span
          >
        </a>
        {#if service.date <= today}<a class="btn btn-outline h-11" href="/services/{service.id}/close"
            >How it went</a
          >{/if}
        <CopyService {service} />
      </div>
    {/each}
  </section>
{/snippet}
{#each coming as week (week.start)}{@render weekOf(week)}{:else}
  {#if services}
    <p class="tray">
      {over.length > 0 ? "Nothing is coming." : "No service yet."} Add one: a name, a day, a window such as
      11:45 to 13:30, covers such as 140, and a salad.
    </p>
  {/if}
{/each}
{#if over.length > 0}
  <details>
    <summary class="mb-2 min-h-11 cursor-pointer text-lg"
      >What is over, {over.reduce((sum, week) => sum + week.services.length, 0)} services</summary
    >
    {#each over as week (week.start)}{@render weekOf(week)}{/each}
  </details>
{/if}
