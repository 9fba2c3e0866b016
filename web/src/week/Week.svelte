<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import { shortDay } from "../ui/dates";

  // The orders of a week's services as one: packs rounded up once, with what each service takes of them.
  let { day }: { day: string } = $props();
  let order = $state.raw<Schemas["WeekOrder"]>();
  let wanted = $state.raw<Record<string, string>>();
  let problem = $state.raw<Problem>();
  // By when each thing is wanted is not known, and why.
  let unknown = $state.raw<Problem>();
  // A day that takes longer than anybody waits is asked for again: what is laid out by then is kept.
  const TRIES = 4;
  const TOO_LONG = 503;
  const sections = $derived([...new Set((order?.lines ?? []).map((line) => line.section))]);

  async function load(): Promise<void> {
    const found = await ask(api.GET("/api/weeks/{day}/order", { params: { path: { day } } }));
    order = found.data;
    problem = found.problem;
    if (order) await askDates();
  }

  async function askDates(): Promise<void> {
    unknown = undefined;
    for (let left = TRIES; left > 0; left--) {
      const dates = await ask(api.GET("/api/weeks/{day}/wanted", { params: { path: { day } } }));
      if (dates.data)
        wanted = Object.fromEntries(dates.data.map((each) => [each.ingredient, each.date]));
      if (dates.problem?.status === TOO_LONG && left > 1) continue;
      unknown = dates.problem;
      return;
    }
  }
  void load();

  // What ordering at once saves.
  const saved = $derived.by(() => {
    const packs = order?.packs_saved ?? 0;
    return packs > 0 ? `, ${packs === 1 ? "one pack" : `${packs} packs`} fewer than one by one` : "";
  });
</script>

<svelte:head><title>The week's order · Scullion</title></svelte:head>

{#if problem}<Fault {problem} />{/if}
{#if order}
  <div class="my-3 flex flex-wrap items-center gap-3">
    <a href="/services" class="btn btn-outline no-print h-11">Services</a>
    <h1 class="mr-auto text-3xl">Order for the week of {shortDay(order.from)}</h1>
    <button class="btn btn-outline no-print h-11" onclick={() => print()}>Print</button>
    <a class="btn btn-outline no-print h-11" href="/api/weeks/{order.from}/order.csv" download>CSV</a>
  </div>
  <section class="tray @container">
    {#if order.lines.length === 0}
      <p>
        No service this week. Add one under Services, or make one <i>Again</i> on a day of this week.
      </p>
    {:else}
      <p class="flex flex-wrap items-baseline gap-x-6">
        <span class="mr-auto"
          >{#each order.services as service, index (index)}{index > 0 ? " · " : ""}<b
              >{shortDay(service.date)}</b
            >
            {service.name}, {service.covers} covers{/each}</span
        >
        <span class="quiet"
          >about <b class="text-base-content text-xl tabular-nums">{order.cost}</b> in your money{saved}</span
        >
      </p>
      {#if unknown}
        <Fault problem={unknown} />
        <button class="btn btn-outline no-print h-11" onclick={() => void askDates()}
          >Ask again by when each is wanted</button
        >
      {:else if !wanted}<p class="quiet" role="status">
          By when each thing is wanted is still being worked out: every day of the week is laid out for
          it.
        </p>{/if}
      <table class="mt-2 w-full">
        <thead>
          <tr class="quiet h-9 text-left">
            <th class="font-normal">What must come in</th>
            <th class="text-right font-normal">Order</th>
            <th class="hidden pl-6 text-right font-normal @lg:table-cell">Needed</th>
            <th class="hidden pl-6 font-normal @3xl:table-cell">For</th>
            <th class="hidden pl-6 text-right font-normal @3xl:table-cell">On hand</th>
            <th class="hidden pl-6 font-normal @lg:table-cell">Wanted by</th>
            <th class="hidden pl-6 text-right font-normal @4xl:table-cell">Over</th>
            <th class="hidden pl-6 text-right font-normal @4xl:table-cell">Price</th>
          </tr>
        </thead>
        {#each sections as section (section)}
          <tbody>
            <tr><th colspan="8" class="pt-4 pb-1 text-left"><h2 class="text-lg">{section}</h2></th></tr>
            {#each order.lines.filter((line) => line.section === section) as line (line.ingredient)}
              <tr class="border-base-300 h-12 border-t">
                <td
                  ><span class="flex items-center gap-2"
                    ><Dot colour={line.colour} /><b class="text-lg">{line.name}</b></span
                  >{#each [line.ready_cut, line.pieces, line.fruit].filter(Boolean) as said (said)}<span
                      class="block pl-6">{said}</span
                    >{/each}</td
                >
                <td class="text-right text-lg font-bold whitespace-nowrap tabular-nums @lg:text-2xl"
                  >{line.order}</td
                >
                <td
                  class={[
                    "hidden pl-6 text-right text-xl font-bold whitespace-nowrap tabular-nums",
                    "@lg:table-cell",
                  ]}>{line.need_grams.text}</td
                >
                <td class="quiet hidden pl-6 @3xl:table-cell"
                  >{#if line.services.length > 1}{#each line.services as part, index (index)}{index > 0
                        ? ", "
                        : ""}<span class="whitespace-nowrap"
                        >{shortDay(part.date)}
                        <b class="text-base-content tabular-nums">{part.grams}</b></span
                      >{/each}{:else}{line.services[0] ? shortDay(line.services[0].date) : ""}{/if}</td
                >
                <td class="hidden pl-6 text-right text-lg tabular-nums @3xl:table-cell"
                  >{Number(line.on_hand_grams.value) > 0 ? line.on_hand_grams.text : ""}</td
                >
                <td class="hidden pl-6 whitespace-nowrap @lg:table-cell"
                  >{wanted
                    ? wanted[line.ingredient]
                      ? shortDay(wanted[line.ingredient]!)
                      : ""
                    : unknown
                      ? "not known"
                      : "…"}</td
                >
                <td
                  class="hidden pl-6 text-right text-lg whitespace-nowrap tabular-nums @4xl:table-cell"
                  >{line.surplus_grams.text}</td
                >
                <td class="hidden pl-6 text-right text-lg tabular-nums @4xl:table-cell"
                  >{line.cost.text}</td
                >
              </tr>
            {/each}
          </tbody>
        {/each}
      </table>
    {/if}
  </section>
{:else if !problem}
  <p class="quiet p-6">Adding up the week …</p>
{/if}
