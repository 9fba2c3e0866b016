<script lang="ts">
  import { api, ask, type Problem, type Schemas } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import Initials from "../ui/Initials.svelte";
  import { whenMoved } from "../state/live.svelte";
  import { by } from "../state/who.svelte";
  import { wallClock } from "../ui/clock";
  import { shortDay } from "../ui/dates";
  import Due from "./Due.svelte";
  import Lessons from "./Lessons.svelte";
  import LotCard from "./LotCard.svelte";
  import Waiting from "./Waiting.svelte";
  import Tub from "./Tub.svelte";
  import NoteDown from "./NoteDown.svelte";
  import PictureOf from "./PictureOf.svelte";
  import WriteDown from "./WriteDown.svelte";

  // What is in the cold room, by what must go first; checks; and what was written down last.
  let { lot }: { lot: string | undefined } = $props();
  const BAR: Record<string, string> = {
    over: "bg-error",
    today: "bg-secondary",
    tomorrow: "bg-warning",
    soon: "bg-success",
    later: "bg-info",
  };
  const LAST = 30;
  let board = $state.raw<Schemas["Board"]>();
  let entries = $state.raw<Schemas["Entry"][]>([]);
  let missing = $state.raw<Problem>();
  let problem = $state.raw<Problem>();
  let place = $state("Cold room");

  async function load(): Promise<void> {
    const [there, log] = await Promise.all([
      ask(api.GET("/api/lots", { params: { query: { now: wallClock() } } })),
      ask(api.GET("/api/entries")),
    ]);
    board = there.data;
    missing = there.problem ?? log.problem;
    entries = (log.data ?? []).slice(-LAST).reverse();
  }
  $effect(() => {
    // Anew when another lot is opened, which may have been weighed.
    void lot;
    void load();
  });
  let brought = $state("");
  async function bringProbe(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const csv = await input.files?.[0]?.text();
    input.value = "";
    if (csv === undefined) return;
    const { data, problem: fault } = await ask(
      api.POST("/api/entries/probe", { body: { csv, of: "fridge", about: place, by: by() } }),
    );
    problem = fault;
    if (!data) return;
    const fates = data.kept.map((each) => each.fate);
    const many = (fate: string) => fates.filter((each) => each === fate).length;
    const said = `${many("kept")} readings of ${place} kept, ${many("already")} there already`;
    brought = `${said}, ${many("refused")} refused. ${data.unread.join(" ")}`;
    await load();
  }
  $effect(() => whenMoved(() => void load()));
  const most = $derived(
    Math.max(...(board?.groups ?? []).flatMap((group) => group.lots.map((each) => each.grams ?? 0)), 1),
  );
</script>

<svelte:head><title>Record · Scullion</title></svelte:head>

<Fault problem={problem ?? missing} />
<Waiting />
<div class="my-3 flex flex-wrap items-center gap-x-5 gap-y-2">
  <h1 class="text-3xl">In the cold room</h1>
  {#if board}<p class="quiet grow">
      {board.count === 1 ? "one lot" : `${board.count} lots`}, {board.grams}
    </p>{/if}
  <Initials />
  <a class="btn btn-outline h-11" href="/use-up">Use it up</a>
</div>
<div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
  <section class="tray" aria-label="The shelves">
    {#each board?.groups ?? [] as group (group.key)}
      <div
        class={[
          "border-primary grid grid-cols-[0.6rem_minmax(0,1fr)] gap-3 border-b-4 py-2 last:border-0",
          "sm:grid-cols-[0.6rem_7rem_minmax(0,1fr)]",
        ]}
      >
        <span class="row-span-2 rounded-full sm:row-span-1 {BAR[group.key]}"></span>
        <h2 class="text-lg leading-tight">{group.name}</h2>
        <div class="flex flex-wrap gap-x-2 gap-y-3">
          {#each group.lots as each (each.code)}<Tub lot={each} {most} />{/each}
        </div>
      </div>
    {:else}
      <p class="text-lg">
        Nothing is in the cold room yet. What is ticked off under <i>Run it</i> stands here, with its date.
      </p>
    {/each}
  </section>
  <div class="grid gap-3">
    {#if lot}{#key lot}<LotCard code={lot} onchange={load} />{/key}{/if}
    <Due />
    <section class="tray" aria-label="Checks">
      <h2 class="text-xl">Read something else</h2>
      <label class="my-2 flex items-center gap-2"
        >Which one <input class="input h-11 grow text-lg" maxlength="80" bind:value={place} /></label
      >
      <WriteDown
        name="Stands at"
        unit="°C"
        what={{ kind: "temperature", of: "fridge", about: place }}
        ondone={load}
      />
      <label class="btn btn-outline mt-2 h-11"
        >A probe's memory, CSV <input
          class="sr-only"
          type="file"
          accept=".csv,text/csv,text/plain"
          onchange={bringProbe}
        /></label
      >
      {#if brought}<p role="status">{brought}</p>{/if}
    </section>
    <Lessons />
    <section class="tray" aria-label="Written down last">
      <h2 class="text-xl">Written down last</h2>
      <div class="my-2"><NoteDown ondone={load} /></div>
      <ul>
        {#each entries as entry (entry.uid)}
          <li
            class={[
              "border-base-300 grid grid-cols-[auto_minmax(0,1fr)_auto] gap-x-3 border-t py-1",
              (entry.mended || entry.void) && "quiet line-through",
            ]}
          >
            <span class="quiet tabular-nums"
              >{shortDay(entry.clock.slice(0, 10))} {entry.clock.slice(11)}</span
            >
            <span
              >{entry.name}{entry.of ? `, ${entry.of}` : ""}{entry.about
                ? `: ${entry.about}`
                : ""}{entry.note ? ` “${entry.note}”` : ""}</span
            >
            {#if entry.picture}<PictureOf {entry} />{/if}
            <b class="text-right tabular-nums"
              >{entry.text ?? ""} <span class="quiet">{entry.by ?? ""}</span></b
            >
          </li>
        {:else}<li class="quiet">Nothing yet.</li>{/each}
      </ul>
      <p class="mt-2 flex flex-wrap gap-2">
        <a
          class="btn btn-outline h-11"
          href="/api/record.pdf?from={wallClock().slice(0, 8)}01&to={wallClock().slice(0, 10)}"
          download>The inspector's folder, this month</a
        >
        <a class="btn btn-outline h-11" href="/api/entries.csv" download>All of it, as a table</a>
        <a class="btn btn-outline h-11" href="/api/entries.jsonl" download>JSON lines</a>
      </p>
    </section>
  </div>
</div>
