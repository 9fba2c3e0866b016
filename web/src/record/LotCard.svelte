<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import { shortDay } from "../ui/dates";
  import Entries from "./Entries.svelte";
  import NoteDown from "./NoteDown.svelte";
  import WriteDown from "./WriteDown.svelte";

  // One lot: until when, what is in it, where it went, and what becomes of what is left.
  let { code, onchange }: { code: string; onchange: () => void } = $props();
  let lot = $state.raw<Schemas["HeldLot"]>();
  let missing = $state.raw<Problem>();
  let problem = $state.raw<Problem>();
  const GONE = [
    ["left", "Left now"],
    ["thrown", "Thrown away"],
    ["given", "Given away"],
  ] as const;

  async function load(): Promise<void> {
    const answer = await ask(api.GET("/api/lots/{code}", { params: { path: { code } } }));
    lot = answer.data;
    missing = answer.problem;
  }
  void load();
  let printed = $state("");
  async function print(): Promise<void> {
    const answer = await ask(api.POST("/api/lots/{code}/label", { params: { path: { code } } }));
    problem = answer.problem;
    printed = answer.data ? `Printed; ${answer.data.left} labels are left.` : "";
  }
  const moment = (iso: string) => `${shortDay(iso.slice(0, 10))}, ${iso.slice(11)}`;
  async function changed(): Promise<void> {
    await load();
    onchange();
  }
</script>

<Fault problem={problem ?? missing} />
{#if lot}
  <section class="tray" aria-label="Lot {lot.code}">
    <div class="flex items-baseline gap-3">
      <h2 class="grow text-xl">
        {#if lot.colour}<Dot colour={lot.colour} />{/if}
        {lot.code}
        {lot.name}{lot.batch ? `, batch ${lot.batch}` : ""}
      </h2>
      <a class="btn btn-ghost h-11" href="/record">Close</a>
    </div>
    <p>
      <b class="text-2xl">{lot.text}</b>
      {lot.state === "there" ? "" : `· ${lot.state === "used" ? "used up" : lot.state}`}
    </p>
    <p>
      Made {moment(lot.made)} for {lot.service_name}. Best until {moment(lot.best)};
      <b>discard by {moment(lot.discard)}</b>. {lot.allergens.length > 0
        ? `Contains ${lot.allergens.join(", ")}.`
        : "None of the fourteen in it."}
    </p>
    {#each [["In it", lot.from], ["Went into", lot.into]] as const as [name, others] (name)}
      {#if others && others.length > 0}<p>
          {name}:
          {#each others as other (other.code)}<a class="link mr-2" href="/record/{other.code}"
              >{other.code} {other.name}</a
            >{/each}
        </p>{/if}
    {/each}
    <p class="mt-2 flex flex-wrap items-center gap-2">
      <button class="btn btn-outline h-11" onclick={print}>Print its label</button>
      <a class="btn btn-outline h-11" href="/api/lots/{lot.code}/label.pdf" download>Label on paper</a>
      <span role="status">{printed}</span>
    </p>
    <Entries given={lot.entries ?? []} onchange={changed} />
    <div class="mt-2 grid gap-2">
      {#each GONE as [of, name] (of)}<WriteDown
          {name}
          unit="g"
          what={{ kind: "weighed", of, lot: lot.code, service: lot.service, about: lot.name }}
          ondone={changed}
        />{/each}
      <NoteDown what={{ lot: lot.code, service: lot.service, about: lot.name }} ondone={changed} />
    </div>
  </section>
{/if}
