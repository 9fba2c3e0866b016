<script lang="ts">
  import { untrack } from "svelte";
  import AsWritten from "../salad/AsWritten.svelte";
  import CutThrough from "../service/count/CutThrough.svelte";
  import { go } from "../state/place.svelte";
  import Dot from "../ui/Dot.svelte";
  import Fault from "../ui/Fault.svelte";
  import { Desk } from "./desk.svelte";
  import IntoService from "./IntoService.svelte";
  import Question from "./Question.svelte";
  import Words from "./Words.svelte";

  // The text on the left, the salad that grows from it on the right, and between them one question at a time.
  const PAUSE = 250;
  const ROW = 34;
  const EXAMPLE = [
    "Barley and carrot",
    "Serves 4",
    "",
    "200 g pearl barley",
    "4 carrots, diced and roasted",
    "1 bunch dill, chopped",
    "3 Tbsp olive oil",
    "1 Tbsp lemon juice",
    "",
    "Boil the barley for 35 min and cool it…",
  ].join("\n");
  const desk = new Desk();
  let editing = $state(!desk.text);
  let making = $state(false);

  $effect(() => {
    void [desk.text, desk.servings, desk.chosen, desk.mended, desk.right, desk.declined];
    const timer = setTimeout(() => untrack(() => void desk.read()), PAUSE);
    return () => clearTimeout(timer);
  });
  $effect(() => {
    desk.keep();
  });
  $effect(() => {
    void desk.grams;
    untrack(() => void desk.judge());
  });

  const settled = $derived(desk.foods.length - desk.open.length);
  const status = $derived(
    desk.open.length === 0
      ? "Every line is settled."
      : `${settled} of ${desk.foods.length} lines settled, ${desk.open.length} to ask`,
  );
  const portion = $derived(desk.judged?.portion);

  async function opened(file: File | undefined): Promise<void> {
    if (!file) return;
    desk.text = await file.text();
    editing = false;
  }

  async function make(): Promise<string | undefined> {
    if (making) return undefined;
    making = true;
    const key = await desk.make();
    making = false;
    return key;
  }

  async function toItsPage(): Promise<void> {
    const key = await make();
    if (key) go(`/salads/${key}`);
  }

  function keys(event: KeyboardEvent): void {
    if ((event.target as Element).closest?.("input, textarea, select, dialog[open], button")) return;
    const line = desk.current;
    const guess = line?.guesses?.[Number(event.key) - 1];
    if (line && guess) desk.choose(line, guess.key);
    else if (event.key === "Enter" || event.key === "ArrowDown") desk.step(1);
    else if (event.key === "ArrowUp") desk.step(-1);
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>From your words · Scullion</title></svelte:head>

<div class="my-3 flex flex-wrap items-end gap-3">
  <h1 class="text-3xl">From your words</h1>
  {#if desk.draft?.salad}
    <span class="quiet mr-auto" role="status">{status}</span>
    <button
      class="btn btn-outline h-11"
      disabled={desk.open.length > 0 || making}
      onclick={() => void toItsPage()}>To its page</button
    >
    <IntoService name={desk.draft.salad.name} disabled={desk.open.length > 0 || making} {make} />
  {:else if desk.draft}
    <span class="quiet" role="status">A salad needs a line that is not dressing.</span>
  {/if}
</div>
{#if desk.problem}<Fault problem={desk.problem} />{/if}
{#if desk.learnt}<p role="status" class="mb-2 font-semibold">{desk.learnt}</p>{/if}
<div
  class={[
    "grid grid-cols-[minmax(0,1fr)] items-start gap-4",
    "lg:grid-cols-[minmax(0,37fr)_minmax(0,28fr)_minmax(0,34fr)]",
  ]}
>
  <section
    class="tray"
    aria-label="The recipe"
    ondragover={(event) => event.preventDefault()}
    ondrop={(event) => {
      event.preventDefault();
      void opened(event.dataTransfer?.files[0]);
    }}
  >
    <div class="mb-2 flex flex-wrap items-center gap-x-3">
      <h2 class="text-xl break-words">{desk.draft?.title ?? "The recipe, in its own words"}</h2>
      {#if desk.draft}
        <label class="mr-auto"
          >feeds <input
            class="input h-9 w-16 text-right text-lg tabular-nums"
            type="number"
            min="1"
            max="5000"
            placeholder={String(desk.draft.servings)}
            bind:value={desk.servings}
          /></label
        >
        <button class="btn btn-ghost h-9 px-2" onclick={() => (editing = !editing)}
          >{editing ? "Done" : "Edit the text"}</button
        >
      {/if}
    </div>
    {#if desk.draft && !desk.draft.servings_said && !desk.servings}<p class="mb-2">
        The text does not say how many it serves: {desk.draft.servings} is a guess.
      </p>{/if}
    {#if desk.draft?.servings_others && !desk.servings}
      <p class="mb-2 flex flex-wrap items-center gap-2">
        The text says more than one number. It feeds
        {#each [desk.draft.servings, ...desk.draft.servings_others] as many (many)}<button
            class="btn btn-outline h-9 px-3 tabular-nums"
            aria-label="It feeds {many}"
            onclick={() => (desk.servings = many)}>{many}</button
          >{/each}
      </p>
    {/if}
    {#if desk.draft?.plate}<p class="mb-2">
        For {desk.draft.servings} that is {desk.draft.plate}: how many does it feed?
      </p>{/if}
    {#if editing || !desk.draft}
      <textarea
        class="textarea h-[20rem] w-full text-lg leading-snug lg:h-[26rem]"
        aria-label="The recipe, in its own words"
        spellcheck="false"
        dir="auto"
        bind:value={desk.text}
        placeholder={EXAMPLE}></textarea>
      <label class="mt-2 grid gap-1"
        >Or open a file, or drop one here: text, Markdown, a saved page or schema.org JSON-LD
        <input
          class="file-input h-11 w-full"
          type="file"
          accept=".txt,.md,.json,.jsonld,.html,.htm,text/*,application/ld+json"
          onchange={({ currentTarget: { files } }) => void opened(files?.[0])}
        />
      </label>
    {/if}
    {#if desk.draft && !editing}
      <Words
        draft={desk.draft}
        current={desk.current}
        onchosen={(line) => (desk.at = desk.id(line))}
        ondeclined={(key) => desk.decline(key)}
      />
    {/if}
  </section>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-4">
    {#if desk.current}<Question {desk} line={desk.current} />
    {:else if desk.draft}
      <section class="tray">
        <h2 class="text-xl">Every word is used</h2>
        <p class="quiet">Choose a line to see what it was taken for, or to change it.</p>
      </section>
    {:else if !desk.problem}
      <section class="tray quiet">
        <p>
          What each word is taken for shows here as you paste, and what it leaves open is asked, one
          question at a time. Nothing is dropped.
        </p>
      </section>
    {/if}
    {#if portion && desk.draft?.salad?.dressing}
      <section class="tray" aria-label="Dressing">
        <h2 class="mb-1 text-xl">Dressing</h2>
        <AsWritten
          {portion}
          batch={desk.judged?.dress}
          written={desk.salad?.dressing?.grams}
          onchosen={(grams) =>
            (desk.grams = grams ?? (desk.draft!.salad!.dressing!.grams ? "carried" : undefined))}
        />
      </section>
    {/if}
  </div>
  {#if portion}
    <section class="tray" aria-label="One portion">
      <h2 class="mb-2 text-xl">One portion, {portion.portion_grams.text}</h2>
      <div class="flex gap-2">
        <div class="hidden shrink-0 sm:block lg:hidden xl:block">
          <CutThrough {portion} row={ROW} leads={false} />
        </div>
        <ul class="min-w-0 grow">
          {#each portion.layers.toReversed() as layer (layer.at)}
            <li class="flex items-center gap-2" style="height: {ROW}px">
              <Dot colour={layer.colour} /><span class="truncate" title={layer.name}>{layer.name}</span
              ><b class="ml-auto tabular-nums whitespace-nowrap">{layer.grams.text}</b>
            </li>
          {/each}
          <li class="flex items-center gap-2" style="height: {ROW}px">
            <Dot colour="var(--dressing)" /><span>{portion.dressing_name ?? "Dressing"}</span><b
              class="ml-auto tabular-nums whitespace-nowrap">{portion.dressing_grams.text}</b
            >
          </li>
        </ul>
      </div>
      {#if portion.contains.length > 0}<p class="quiet mt-2">
          Contains {portion.contains.join(", ")}.
        </p>{/if}
      {#if desk.judged?.snags.length}
        {@const { covers, from, to } = desk.judged.tried_for}
        <p class="mt-2 font-semibold">Tried for {covers} covers, {from} to {to}</p>
        {#each desk.judged.snags as snag (snag.what)}
          <p class="mt-1">{snag.what} <span class="quiet">{snag.remedy}</span></p>
        {/each}
      {/if}
      {#if desk.open.length === 0}<p class="text-success mt-2 font-semibold">
          Every word of your text is used, asked about, or goes along to the bench as it is written.
        </p>{/if}
    </section>
  {/if}
</div>
