<script lang="ts">
  import { setContext } from "svelte";
  import { api, ask, type IngredientSummary, type Judged, type ShelfSalad } from "../api/client";
  import { keyFor } from "./components";
  import BalanceCard from "./BalanceCard.svelte";
  import ComponentRow from "./ComponentRow.svelte";
  import BuildComparison from "./BuildComparison.svelte";
  import CostCard from "./CostCard.svelte";
  import DressingEditor from "./DressingEditor.svelte";
  import EarlierBuilds from "./EarlierBuilds.svelte";
  import Fact from "../ui/Fact.svelte";
  import Fault from "../ui/Fault.svelte";
  import FindIngredient from "../larder/FindIngredient.svelte";
  import LabelCard from "./LabelCard.svelte";
  import LedgerCard from "./LedgerCard.svelte";
  import Resize from "./Resize.svelte";
  import SlipNotes from "./SlipNotes.svelte";
  import DietsAndAllergens from "./DietsAndAllergens.svelte";
  import WorkingPanel from "../ui/WorkingPanel.svelte";
  import CutThrough from "../service/count/CutThrough.svelte";
  import { Latest } from "../state/latest";
  import { go } from "../state/place.svelte";
  import { GOALS, SaladEditor, type Goal } from "./salad.svelte";
  import { units } from "../state/units.svelte";

  // Where one salad is made and judged.
  let { key }: { key: string } = $props();
  const FILES = [
    ["md", "Recipe card, Markdown"],
    ["jsonld", "schema.org Recipe"],
    ["json", "Whole salad, JSON"],
  ] as const;
  const editor = new SaladEditor();
  setContext("desk", () => editor);
  let menu = $state(false);
  let others = $state.raw<ShelfSalad[]>([]);
  const beside = new Latest();
  let other = $state.raw<{ name: string; judged: Judged }>();
  void ask(api.GET("/api/shelf")).then(
    ({ data }) => (others = (data ?? []).filter((salad) => salad.key !== key)),
  );

  $effect(() => {
    void units.turned;
    void editor.open(key);
  });

  async function add(found: IngredientSummary): Promise<void> {
    const { data } = await ask(
      api.GET("/api/ingredients/{key}/page", { params: { path: { key: found.key } } }),
    );
    if (data) editor.add(data.default_component);
  }

  async function duplicate(): Promise<void> {
    const copy = {
      ...editor.salad!,
      key: keyFor(editor.salad!.name),
      name: `${editor.salad!.name}, another`,
    };
    const { data } = await ask(api.POST("/api/salads", { body: copy }));
    if (data) go(`/salads/${data.key}`);
  }

  async function compare(chosen: string): Promise<void> {
    if (!chosen) {
      beside.letGo();
      return void (other = undefined);
    }
    const answer = await beside.of(judgedAs(chosen));
    if (answer) other = answer;
  }

  async function judgedAs(chosen: string): Promise<typeof other> {
    const { data } = await ask(api.GET("/api/salads/{key}", { params: { path: { key: chosen } } }));
    if (!data) return;
    const { id: _id, version: _version, ...salad } = data;
    const judged = await ask(api.POST("/api/trials", { body: { salad } }));
    return judged.data && { name: data.name, judged: judged.data };
  }

  function keys(event: KeyboardEvent): void {
    if ((event.target as Element).closest?.("input, textarea, select, dialog[open]")) return;
    if ((event.ctrlKey || event.metaKey) && event.key === "z") editor.undo();
    if (event.key !== "Escape") return;
    menu = false;
    editor.close();
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>{editor.salad ? `${editor.salad.name} · Scullion` : "Scullion"}</title></svelte:head
>

{#if editor.salad}<h1 class="sr-only">{editor.salad.name}</h1>{/if}
{#if editor.problem}<Fault problem={editor.problem} />{/if}
{#if editor.salad && editor.judged}
  {@const salad = editor.salad}
  {@const judged = editor.judged}
  <div class={editor.working ? "xl:mr-[29rem]" : ""}>
    <div class="my-3 flex flex-wrap items-center gap-3">
      <a href="/salads" class="btn btn-outline h-11">Shelf</a>
      <input
        class={[
          "bg-base-200 hover:border-base-300 min-w-60 grow rounded-lg border-2",
          "border-transparent px-2 text-3xl font-bold",
        ]}
        aria-label="Name of the salad"
        maxlength="120"
        value={salad.name}
        onchange={({ currentTarget: { value: name } }) => editor.put((latest) => ({ ...latest, name }))}
      />
      <span role="status" class="text-success font-semibold">{editor.saved}</span>
      <button class="btn btn-outline h-11" onclick={duplicate}>Duplicate</button>
      <details
        class="dropdown dropdown-end"
        bind:open={menu}
        onfocusout={(event) =>
          (menu = event.currentTarget.contains(event.relatedTarget as Node | null))}
      >
        <summary class="btn btn-outline h-11">Take out</summary>
        <ul class="menu dropdown-content tray bg-base-100 z-20 mt-1 w-72 text-lg">
          {#each FILES as [ending, words] (ending)}
            <li>
              <a
                class="min-h-11"
                href="/api/salads/{salad.key}/card.{ending}"
                download
                onclick={() => (menu = false)}>{words}</a
              >
            </li>
          {/each}
        </ul>
      </details>
      <button
        class="btn btn-outline h-11"
        disabled={editor.past.length === 0}
        onclick={() => editor.undo()}>Undo</button
      >
    </div>
    {#if editor.faults.salad}<p class="text-error mb-2 font-semibold" role="alert">
        {editor.faults.salad}
      </p>{/if}
    <SlipNotes slips={judged.slips} {editor} />
    <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
      <div class="grid gap-3">
        <section class="tray">
          <div class="flex flex-wrap items-end justify-between gap-4">
            <div class="flex items-end gap-4">
              <CutThrough
                portion={judged.portion}
                row={24}
                leads={false}
                onpull={(layer, grams) => editor.amount(layer, `${grams} g`)}
              />
              <Fact label="One portion, dressed" of={judged.portion.portion_grams} size="text-4xl" />
            </div>
            <Resize {editor} {salad} />
          </div>
          <ol class="mt-3" aria-label="Components in mixing order">
            {#each salad.components as component, index (`${component.ingredient}-${index}`)}
              {#if judged.portion.layers[index]}<ComponentRow
                  {editor}
                  {component}
                  layer={judged.portion.layers[index]}
                  {index}
                  count={salad.components.length}
                />{/if}
            {/each}
          </ol>
          <div class="border-base-300 grid gap-3 border-t pt-3 sm:grid-cols-2">
            <FindIngredient label="Add to it" onchosen={add} />
            <label
              >Make it <select
                class="select h-11 w-full text-lg"
                onchange={(event) => {
                  if (event.currentTarget.value) void editor.make(event.currentTarget.value as Goal);
                  event.currentTarget.value = "";
                }}
                ><option value="">see what it takes …</option>{#each GOALS as goal (goal)}<option
                    value={goal}>{goal === "hold-longer" ? "hold longer" : goal}</option
                  >{/each}</select
              ></label
            >
          </div>
        </section>
        {#if editor.trial}
          {@const trial = editor.trial}
          <section class="tray" aria-label="What it would do">
            <h2 class="mb-2 text-xl">{trial.title}</h2>
            <BuildComparison before={judged} after={trial.judged} names={["Now", "Then"]} />
            <div class="mt-3 flex gap-3">
              <button class="btn btn-primary h-11" onclick={() => editor.put(() => trial.salad)}
                >Take it</button
              ><button class="btn btn-outline h-11" onclick={() => (editor.trial = undefined)}
                >Leave it</button
              >
            </div>
          </section>
        {/if}
        <BalanceCard taste={judged.taste} {editor} />
        <div class="grid items-start gap-3 md:grid-cols-2">
          <DietsAndAllergens
            suits={judged.taste.suits}
            beside={judged.portion.at_table}
            onnone={() => editor.put(({ at_table: _none, ...salad }) => salad)}
          /><CostCard cost={judged.taste.cost} />
        </div>
        <section class="tray">
          <label class="flex flex-wrap items-center gap-3"
            ><b class="text-xl">Beside another</b><select
              class="select h-11 w-72 text-lg"
              onchange={(event) => compare(event.currentTarget.value)}
              ><option value="">choose a salad</option>{#each others as each (each.key)}<option
                  value={each.key}>{each.name}</option
                >{/each}</select
            ></label
          >
          {#if other}<div class="mt-3">
              <BuildComparison before={judged} after={other.judged} names={[salad.name, other.name]} />
            </div>{/if}
        </section>
      </div>
      <div class="grid gap-3">
        <DressingEditor {editor} {salad} batch={judged.dress} portion={judged.portion} />
        <EarlierBuilds {editor} />
        <LedgerCard ledger={judged.taste.ledger} />
        <LabelCard label={judged.taste.label} />
      </div>
    </div>
  </div>
  {#if editor.working}<WorkingPanel desk={editor} />{/if}
{:else if !editor.problem}
  <p class="quiet p-6">Laying it out …</p>
{/if}
