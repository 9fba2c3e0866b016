<script lang="ts">
  import {
    api,
    ask,
    type DressingBatch,
    type IngredientSummary,
    type Portion,
    type SaladInput,
  } from "../api/client";
  import AsWritten from "./AsWritten.svelte";
  import RowOfRecipe from "../ui/RowOfRecipe.svelte";
  import RatioBar from "./RatioBar.svelte";
  import type { Dressing, SaladEditor } from "./salad.svelte";
  import Fact from "../ui/Fact.svelte";
  import FullEmulsion from "../service/dress/FullEmulsion.svelte";
  import FindIngredient from "../larder/FindIngredient.svelte";
  import StageEditor from "./StageEditor.svelte";

  // The dressing of one salad as a formula on any scale: parts by role, how it is split, its ratio.
  let {
    editor,
    salad,
    batch,
    portion,
  }: {
    editor: SaladEditor;
    salad: SaladInput;
    batch: DressingBatch | undefined;
    portion: Portion;
  } = $props();
  type Part = Dressing["parts"][number];
  const ROLES = ["fat", "acid", "emulsifier", "sweet", "salt", "aromatic", "liquid"] as const;
  const dressing = $derived(salad.dressing);

  const parts = (change: (parts: Part[]) => Part[]) =>
    editor.dress((latest) => ({ ...latest, parts: change(latest.parts) }));
  const line = (index: number, change: (part: Part) => Part) =>
    parts((list) => list.map((each, place) => (place === index ? change(each) : each)));

  // An own split begins as the one there is.
  const OWN = "own";
  type Stages = NonNullable<Dressing["stages"]>;
  function stages(own: Stages | undefined): void {
    editor.dress(({ stages: _stages, ...rest }) => ({ ...rest, ...(own && { stages: own }) }));
  }
  function split(chosen: string): void {
    if (chosen === OWN)
      return stages(
        batch!.stages.map(({ key, name, when, into, to, share }) => ({
          key,
          name,
          when,
          into,
          to,
          share: Number(share.value),
        })),
      );
    editor.dress(({ stages: _stages, ...rest }) => ({ ...rest, preset: chosen as Dressing["preset"] }));
  }

  function amount(grams: number | undefined): void {
    editor.dress(({ grams: _written, ...rest }) => ({ ...rest, ...(grams && { grams }) }));
  }

  function measure(index: number, text: string): void {
    const found = /^(\d+(?:[.,]\d+)?)\s*(g|ml)?$/.exec(text.trim());
    if (!found) {
      editor.faults.dressing = `Cannot read "${text.slice(0, 40)}". Write a number: 60 ml, 5 g.`;
      return;
    }
    const value = Number(found[1]!.replace(",", "."));
    line(index, ({ ml: _ml, grams, ...rest }) => ({
      ...rest,
      ...(found[2] === "g" || (!found[2] && grams !== undefined) ? { grams: value } : { ml: value }),
    }));
  }

  async function add(found: IngredientSummary): Promise<void> {
    const { data: page } = await ask(
      api.GET("/api/ingredients/{key}/page", { params: { path: { key: found.key } } }),
    );
    if (!page) return;
    const fresh: Part = { ingredient: found.key, role: page.in_dressing, grams: 5 };
    if (dressing) parts((list) => [...list, fresh]);
    else
      void editor.put(
        (latest) => ({
          ...latest,
          dressing: { name: "Dressing", preset: "all-at-once", parts: [{ ...fresh, grams: 60 }] },
        }),
        "dressing",
      );
  }
</script>

<section class="tray" aria-label="Dressing">
  {#if dressing}
    <input
      class={[
        "bg-base-100 hover:border-base-300 w-full rounded-lg border-2",
        "border-transparent text-xl font-bold",
      ]}
      aria-label="Name of the dressing"
      maxlength="120"
      value={dressing.name}
      onchange={({ currentTarget: { value: name } }) => editor.dress((latest) => ({ ...latest, name }))}
    />
    {#if editor.faults.dressing}<p class="text-error font-semibold" role="alert">
        {editor.faults.dressing}
      </p>{/if}
    {#if batch}
      <div class="my-3">
        <RatioBar character={batch.character} onchosen={(times) => editor.ratio(times)} />
      </div>
      <div class="mb-3 grid grid-cols-2 gap-x-5 gap-y-2">
        <Fact label="Of the salad's weight" of={batch.salad_share} />
        <div class="border-base-300 border-b pb-1">
          <div class="quiet">Keeps in the fridge</div>
          <b class="text-2xl">{batch.character.keeping.text}</b>
        </div>
      </div>
      <div class="mb-3">
        <AsWritten {portion} written={dressing.grams} onchosen={amount} />
      </div>
      <p>
        <b>Emulsion: {batch.character.emulsion.name}.</b>
        {batch.character.emulsion.how}{batch.character.emulsion.again
          ? ` Again every ${batch.character.emulsion.again}.`
          : ""}
        {batch.full ? "" : (batch.character.emulsion.rescue ?? "")}
      </p>
      <p class="quiet">{batch.character.keeping.why}</p>
      {#if batch.full}<FullEmulsion full={batch.full} />{/if}
    {/if}
    <ul class="mt-2">
      {#each dressing.parts as each, index (`${each.ingredient}-${index}`)}
        <li class="border-base-300 flex flex-wrap items-center gap-2 border-t py-1">
          <b class="min-w-24 flex-1 basis-24"
            >{batch?.parts.find((made) => made.ingredient === each.ingredient)?.name ??
              each.ingredient}<RowOfRecipe row={each.written} /></b
          >
          <select
            class="select h-11 w-32 text-lg"
            aria-label="{each.ingredient}: role"
            value={each.role}
            onchange={({ currentTarget: { value: role } }) =>
              line(index, (latest) => ({ ...latest, role: role as Part["role"] }))}
            >{#each ROLES as role (role)}<option>{role}</option>{/each}</select
          >
          <input
            class="input h-11 w-24 text-right text-lg font-bold"
            aria-label="{each.ingredient}: how much"
            maxlength="20"
            value={each.ml !== undefined ? `${each.ml} ml` : `${each.grams} g`}
            onchange={(event) => measure(index, event.currentTarget.value)}
          />
          <button
            class="btn btn-ghost h-11 w-11 p-0 text-xl"
            aria-label="Take out {each.ingredient}"
            disabled={dressing.parts.length === 1}
            onclick={() => parts((list) => list.filter((_, place) => place !== index))}>×</button
          >
        </li>
      {/each}
    </ul>
    <label class="mt-2 block">
      <span class="quiet block">How it is split</span>
      <select
        class="select h-11 w-full text-lg"
        value={dressing.stages ? OWN : dressing.preset}
        onchange={(event) => split(event.currentTarget.value)}
      >
        {#each batch?.character.presets ?? [] as preset (preset.key)}<option value={preset.key}
            >{preset.name}</option
          >{/each}
        <option value={OWN}>In stages of its own</option>
      </select>
    </label>
    {#if batch}
      {#if dressing.stages}<StageEditor {batch} layers={portion.layers} onchange={stages} />{:else}<p
          class="quiet mt-1"
        >
          {batch.why}
        </p>{/if}
    {/if}
  {:else}
    <h2 class="text-xl">No dressing yet</h2>
    <p class="mb-2">Begin with its fat: rapeseed oil, or tahini.</p>
  {/if}
  <div class="mt-3"><FindIngredient label="Add a part" onchosen={add} /></div>
</section>
