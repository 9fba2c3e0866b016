<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import WriteDown from "./WriteDown.svelte";

  // A service when it is over: who was served, what is left of each lot, and what was planned beside what was
  // done. Two minutes, on the tablet.
  let { id }: { id: number } = $props();
  let service = $state.raw<{ name: string }>();
  let closing = $state.raw<Schemas["Closing"]>();
  let lots = $state.raw<Schemas["HeldLot"][]>([]);
  let problem = $state.raw<Problem>();
  const OF: Record<string, string> = {
    served: "",
    bought: "as bought",
    trimmed: "trimmed",
    cooked: "cooked",
    portion: "a portion",
  };
  const GONE: Record<string, string> = { left: "Left over", thrown: "Thrown", given: "Given away" };

  async function load(): Promise<void> {
    const path = { params: { path: { id } } };
    const [one, told, board] = await Promise.all([
      ask(api.GET("/api/services/{id}", path)),
      ask(api.GET("/api/services/{id}/closing", path)),
      ask(api.GET("/api/lots")),
    ]);
    service = one.data;
    closing = told.data;
    problem = one.problem ?? told.problem ?? board.problem;
    lots = (board.data?.groups ?? [])
      .flatMap((group) => group.lots)
      .filter((lot) => lot.service === id);
  }
  void load();
  const width = (line: Schemas["Closing"]["lines"][number]) =>
    Math.min(Math.abs(line.share ?? 0) * 200, 100);
</script>

<svelte:head><title>{service ? `Closing ${service.name}` : "Closing"} · Scullion</title></svelte:head>

{#if problem}<Fault {problem} />{/if}
{#if service && closing}
  <div class="my-3 flex flex-wrap items-center gap-3">
    <h1 class="grow text-2xl">Closing {service.name}</h1>
    <a class="btn btn-outline h-11" href="/services/{id}/run">Back to the run</a>
  </div>
  <div class="grid items-start gap-3 lg:grid-cols-2">
    <section class="tray grid gap-3" aria-label="What is left">
      <h2 class="text-xl">Who was served, and what is left</h2>
      <WriteDown
        name="Covers served"
        unit="covers"
        what={{ kind: "served", service: id }}
        ondone={load}
      />
      {#each lots as lot (lot.code)}
        <div class="border-base-300 border-t pt-2">
          <p>
            <a class="link font-bold" href="/record/{lot.code}">{lot.code} {lot.name}</a>
            <span class="quiet"
              >{lot.batch ? `batch ${lot.batch}, ` : ""}{lot.text}{lot.weighed ||
              lot.grams === undefined
                ? ""
                : ", planned"}</span
            >
          </p>
          <div class="flex flex-wrap gap-x-6 gap-y-1">
            <WriteDown
              name="Left of it"
              unit="g"
              what={{ kind: "weighed", of: "left", lot: lot.code, service: id, about: lot.name }}
              ondone={load}
            />
            <WriteDown
              name="Thrown"
              unit="g"
              what={{ kind: "weighed", of: "thrown", lot: lot.code, service: id, about: lot.name }}
              ondone={load}
            />
          </div>
        </div>
      {:else}<p class="quiet">No lot of it stands in the cold room.</p>{/each}
    </section>
    <section class="tray" aria-label="Planned and done">
      <h2 class="text-xl">Planned and done</h2>
      <ul>
        {#each closing.lines as line, index (index)}
          <li
            class={[
              "border-base-300 grid grid-cols-[minmax(0,1.4fr)_5.5rem_5.5rem_6rem]",
              "items-center gap-x-2 border-t py-1",
            ]}
          >
            <span><b>{line.name}</b> <span class="quiet">{OF[line.of]}</span></span>
            <span class="text-right tabular-nums">{line.planned}</span>
            <b class="text-right tabular-nums">{line.done ?? "–"}</b>
            <span class="text-right tabular-nums">
              {line.difference ?? ""}
              {#if line.worth && line.difference !== "as planned"}<span class="quiet block"
                  >{line.worth}</span
                >{/if}
            </span>
            {#if line.share}<span class="bg-base-300 col-span-4 block h-1.5 rounded" aria-hidden="true"
                ><span
                  class="block h-1.5 rounded {line.share > 0 ? 'bg-accent' : 'bg-info'}"
                  style:width="{width(line)}%"
                ></span></span
              >{/if}
          </li>
        {/each}
      </ul>
      <p class="mt-3">
        {#each closing.gone as each (each.of)}<span class="mr-4"
            ><b>{GONE[each.of]}</b>
            {each.text}{each.worth !== "0.00" ? `, worth ${each.worth}` : ""}</span
          >{/each}
      </p>
      <p class="quiet">Planned on the left, weighed beside it. What nobody weighed has a dash.</p>
    </section>
  </div>
{/if}
