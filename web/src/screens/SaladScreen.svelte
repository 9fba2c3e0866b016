<script lang="ts">
  import { setContext } from "svelte";
  import { api, ask, type IngredientSummary, type Judged, type ShelfSalad } from "../api/client";
  import { keyFor } from "../parts/components";
  import BalanceCard from "../parts/BalanceCard.svelte";
  import BenchRow from "../parts/BenchRow.svelte";
  import Beside from "../parts/Beside.svelte";
  import CostCard from "../parts/CostCard.svelte";
  import DressingEditor from "../parts/DressingEditor.svelte";
  import EarlierBuilds from "../parts/EarlierBuilds.svelte";
  import Fact from "../parts/Fact.svelte";
  import Fault from "../parts/Fault.svelte";
  import FindIngredient from "../parts/FindIngredient.svelte";
  import LedgerCard from "../parts/LedgerCard.svelte";
  import Resize from "../parts/Resize.svelte";
  import SlipNotes from "../parts/SlipNotes.svelte";
  import SuitsCard from "../parts/SuitsCard.svelte";
  import WorkingPanel from "../parts/WorkingPanel.svelte";
  import CutThrough from "../pictures/CutThrough.svelte";
  import { go } from "../state/place.svelte";
  import { GOALS, SaladBench, type Goal } from "../state/salad.svelte";
  import { units } from "../state/units.svelte";

  // The bench where one salad is made and judged.
  let { key }: { key: string } = $props();
  const bench = new SaladBench();
  setContext("desk", () => bench);
  let menu = $state(false);
  let others = $state.raw<ShelfSalad[]>([]);
  let other = $state.raw<{ name: string; judged: Judged }>();
  void ask(api.GET("/api/shelf")).then(({ data }) => (others = (data ?? []).filter((salad) => salad.key !== key)));

  $effect(() => {
    void units.turned;
    void bench.open(key);
  });

  async function add(found: IngredientSummary): Promise<void> {
    const { data } = await ask(api.GET("/api/ingredients/{key}/page", { params: { path: { key: found.key } } }));
    if (data) bench.add(data.default_component);
  }

  async function duplicate(): Promise<void> {
    const copy = { ...bench.salad!, key: keyFor(bench.salad!.name), name: `${bench.salad!.name}, another` };
    const { data } = await ask(api.POST("/api/salads", { body: copy }));
    if (data) go(`/salads/${data.key}`);
  }

  async function compare(chosen: string): Promise<void> {
    if (!chosen) return void (other = undefined);
    const { data } = await ask(api.GET("/api/salads/{key}", { params: { path: { key: chosen } } }));
    if (!data) return;
    const { id: _id, version: _version, ...salad } = data;
    const judged = await ask(api.POST("/api/bench", { body: { salad } }));
    other = judged.data && { name: data.name, judged: judged.data };
  }

  function keys(event: KeyboardEvent): void {
    if ((event.target as Element).closest?.("input, textarea, select, dialog[open]")) return;
    if ((event.ctrlKey || event.metaKey) && event.key === "z") bench.undo();
    if (event.key === "Escape") [menu, bench.working] = [false, undefined];
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>{bench.salad ? `${bench.salad.name} · Scullion` : "Scullion"}</title></svelte:head>

{#if bench.problem}<Fault problem={bench.problem} />{/if}
{#if bench.salad && bench.judged}
  {@const salad = bench.salad}
  {@const judged = bench.judged}
  <div class={bench.working ? "xl:mr-[29rem]" : ""}>
    <div class="my-3 flex flex-wrap items-center gap-3">
      <a href="/salads" class="btn btn-outline h-11">Shelf</a>
      <input class="bg-base-200 hover:border-base-300 min-w-60 grow rounded-lg border-2 border-transparent px-2 text-3xl font-bold" aria-label="Name of the salad" maxlength="120" value={salad.name} onchange={({ currentTarget: { value: name } }) => bench.put((latest) => ({ ...latest, name }))} />
      <span role="status" class="text-success font-semibold">{bench.saved}</span>
      <button class="btn btn-outline h-11" onclick={duplicate}>Duplicate</button>
      <details class="dropdown dropdown-end" bind:open={menu} onfocusout={(event) => (menu = event.currentTarget.contains(event.relatedTarget as Node | null))}>
        <summary class="btn btn-outline h-11">Take out</summary>
        <ul class="menu dropdown-content tray bg-base-100 z-20 mt-1 w-72 text-lg">
          {#each [["md", "Recipe card, Markdown"], ["jsonld", "schema.org Recipe"], ["json", "Whole salad, JSON"]] as [ending, words] (ending)}
            <li><a class="min-h-11" href="/api/salads/{salad.key}/card.{ending}" download onclick={() => (menu = false)}>{words}</a></li>
          {/each}
        </ul>
      </details>
      <button class="btn btn-outline h-11" disabled={bench.past.length === 0} onclick={() => bench.undo()}>Undo</button>
    </div>
    {#if bench.faults.salad}<p class="text-error mb-2 font-semibold" role="alert">{bench.faults.salad}</p>{/if}
    <SlipNotes slips={judged.slips} {bench} />
    <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <div class="grid gap-3">
        <section class="tray">
          <div class="flex flex-wrap items-end justify-between gap-4">
            <div class="flex items-end gap-4">
              <CutThrough portion={judged.portion} row={24} leads={false} onpull={(layer, grams) => bench.amount(layer, `${grams} g`)} />
              <Fact label="One portion, dressed" of={judged.portion.portion_grams} size="text-4xl" />
            </div>
            <Resize {bench} {salad} />
          </div>
          <ol class="mt-3" aria-label="Components in mixing order">
            {#each salad.components as component, index (`${component.ingredient}-${index}`)}
              {#if judged.portion.layers[index]}<BenchRow {bench} {component} layer={judged.portion.layers[index]} {index} count={salad.components.length} />{/if}
            {/each}
          </ol>
          <div class="border-base-300 grid gap-3 border-t pt-3 sm:grid-cols-2">
            <FindIngredient label="Add to it" onchosen={add} />
            <label>Make it <select class="select h-11 w-full text-lg" onchange={(event) => { if (event.currentTarget.value) void bench.make(event.currentTarget.value as Goal); event.currentTarget.value = ""; }}><option value="">see what it takes …</option>{#each GOALS as goal (goal)}<option value={goal}>{goal === "hold-longer" ? "hold longer" : goal}</option>{/each}</select></label>
          </div>
        </section>
        {#if bench.trial}
          {@const trial = bench.trial}
          <section class="tray" aria-label="What it would do">
            <h2 class="mb-2 text-xl">{trial.title}</h2>
            <Beside before={judged} after={trial.judged} names={["Now", "Then"]} />
            <div class="mt-3 flex gap-3"><button class="btn btn-primary h-11" onclick={() => bench.put(() => trial.salad)}>Take it</button><button class="btn btn-outline h-11" onclick={() => (bench.trial = undefined)}>Leave it</button></div>
          </section>
        {/if}
        <BalanceCard taste={judged.taste} {bench} />
        <div class="grid items-start gap-3 md:grid-cols-2"><SuitsCard suits={judged.taste.suits} /><CostCard cost={judged.taste.cost} /></div>
        <section class="tray">
          <label class="flex flex-wrap items-center gap-3"><b class="text-xl">Beside another</b><select class="select h-11 w-72 text-lg" onchange={(event) => compare(event.currentTarget.value)}><option value="">choose a salad</option>{#each others as each (each.key)}<option value={each.key}>{each.name}</option>{/each}</select></label>
          {#if other}<div class="mt-3"><Beside before={judged} after={other.judged} names={[salad.name, other.name]} /></div>{/if}
        </section>
      </div>
      <div class="grid gap-3">
        <DressingEditor {bench} {salad} batch={judged.dress} layers={judged.portion.layers} />
        <EarlierBuilds {bench} />
        <LedgerCard ledger={judged.taste.ledger} />
      </div>
    </div>
  </div>
  {#if bench.working}<WorkingPanel desk={bench} />{/if}
{:else if !bench.problem}
  <p class="quiet p-6">Laying it out …</p>
{/if}
