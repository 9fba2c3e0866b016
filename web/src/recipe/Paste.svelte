<script lang="ts">
  import { untrack } from "svelte";
  import { api, ask, type Problem, type RecipeDraft, type RecipeLine } from "../api/client";
  import { keyFor } from "../salad/components";
  import Fault from "../ui/Fault.svelte";
  import PastedLine from "./PastedLine.svelte";
  import { go } from "../state/place.svelte";

  // A recipe from anywhere on the left, the salad it makes on the right, line by line. What was
  // pasted stays in this tab until the salad is made.
  const KEPT = "pasted";
  const PAUSE = 250;

  const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? "{}") as {
    text?: string;
    chosen?: Record<string, string>;
    mended?: Record<string, string>;
    right?: string[];
  };
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
  let text = $state(kept.text ?? "");
  let servings = $state<number>();
  let draft = $state.raw<RecipeDraft>();
  let problem = $state.raw<Problem>();
  let making = $state(false);
  // By the line's own words, so that they outlast other lines coming and going.
  let chosen = $state.raw<Record<string, string>>(kept.chosen ?? {});
  let mended = $state.raw<Record<string, string>>(kept.mended ?? {});
  let right = $state.raw<string[]>(kept.right ?? []);

  const open = $derived(
    (draft?.lines ?? []).filter(
      (line) => line.kind === "ingredient" && line.status !== "sure" && !line.left,
    ),
  );

  const told = $derived(
    (draft?.steps ?? []).filter(
      (step) => step.celsius || step.minutes.length > 0 || step.ratio || step.reserve || step.rest,
    ),
  );

  const byNumber = (lines: RecipeLine[], said: Record<string, string>) =>
    Object.fromEntries(
      lines.filter((line) => said[line.text]).map((line) => [String(line.number), said[line.text]!]),
    );
  const decided = (lines: RecipeLine[]) => ({
    choices: byNumber(lines, chosen),
    amounts: byNumber(lines, mended),
    right: lines.filter((line) => right.includes(line.text)).map((line) => line.number),
  });

  let asked = 0;
  async function read(): Promise<void> {
    const turn = ++asked;
    if (!text.trim()) return void ((draft = undefined), (problem = undefined));
    const post = (lines: RecipeLine[]) =>
      ask(
        api.POST("/api/paste", {
          body: { text, ...decided(lines), ...(servings ? { servings } : {}) },
        }),
      );
    let answer = await post([]);
    if (
      answer.data?.lines.some(
        (line) => chosen[line.text] || mended[line.text] || right.includes(line.text),
      )
    )
      answer = await post(answer.data.lines);
    if (turn !== asked) return;
    draft = answer.data ?? (answer.problem ? undefined : draft);
    problem = answer.problem;
  }

  $effect(() => {
    sessionStorage.setItem(KEPT, JSON.stringify({ text, chosen, mended, right }));
    void servings;
    const timer = setTimeout(() => untrack(() => void read()), PAUSE);
    return () => clearTimeout(timer);
  });

  function choose(line: RecipeLine, key: string): void {
    chosen = { ...chosen, [line.text]: key };
  }

  function mend(line: RecipeLine, amount: string | undefined): void {
    const { [line.text]: _before, ...others } = mended;
    mended = amount ? { ...others, [line.text]: amount } : others;
  }

  async function opened(event: Event): Promise<void> {
    const file = (event.target as HTMLInputElement).files?.[0];
    if (file) text = await file.text();
  }

  async function make(): Promise<void> {
    if (!draft?.salad || making) return;
    making = true;
    const answer = await ask(
      api.POST("/api/salads", { body: { key: keyFor(draft.salad.name), ...draft.salad } }),
    );
    making = false;
    problem = answer.problem;
    if (!answer.data) return;
    sessionStorage.removeItem(KEPT);
    go(`/salads/${answer.data.key}`);
  }
</script>

<svelte:head><title>Paste a recipe · Scullion</title></svelte:head>

<div class="my-3 flex flex-wrap items-end gap-3">
  <h1 class="mr-auto text-3xl">Paste a recipe</h1>
  {#if draft?.salad}
    <span class="quiet" role="status"
      >{open.length === 0
        ? "Every line is settled."
        : open.length === 1
          ? "1 line still to settle"
          : `${open.length} lines still to settle`}</span
    >
    <button class="btn btn-primary h-11" disabled={open.length > 0 || making} onclick={make}
      >To the salad</button
    >
  {:else if draft}
    <span class="quiet" role="status">A salad needs a line that is not dressing.</span>
  {/if}
</div>
{#if problem}<Fault {problem} />{/if}
<div class="grid items-start gap-4 lg:grid-cols-[2fr_3fr]">
  <section class="tray grid gap-2">
    <label class="grid gap-1"
      >The recipe, in its own words
      <textarea
        class="textarea h-[22rem] w-full text-lg leading-snug lg:h-[32rem]"
        spellcheck="false"
        dir="auto"
        bind:value={text}
        placeholder={EXAMPLE}></textarea>
    </label>
    <label class="grid gap-1"
      >Or open a file: text, Markdown, a saved page or schema.org JSON-LD
      <input
        class="file-input h-11 w-full"
        type="file"
        accept=".txt,.md,.json,.jsonld,.html,.htm,text/*,application/ld+json"
        onchange={opened}
      />
    </label>
  </section>
  {#if draft}
    <section class="tray">
      <div class="mb-2 flex flex-wrap items-end gap-3">
        <h2 class="mr-auto text-xl break-words">{draft.title ?? "Without a name"}</h2>
        <label
          >Serves <input
            class="input h-11 w-24 text-right text-lg tabular-nums"
            type="number"
            min="1"
            max="5000"
            placeholder={String(draft.servings)}
            bind:value={servings}
          /></label
        >
      </div>
      {#if !draft.servings_said && !servings}<p class="mb-2">
          The text does not say how many it serves: {draft.servings} is a guess.
        </p>{/if}
      <ul aria-label="Lines">
        {#each draft.lines as line (line.number)}
          <PastedLine
            {line}
            onchoose={(key) => choose(line, key)}
            onadded={(key) => choose(line, key)}
            onmended={(amount) => mend(line, amount)}
            onright={() => (right = [...right, line.text])}
          />
        {/each}
      </ul>
      {#if draft.missing.length > 0}<p class="mt-3">
          <b>In the steps, not in the list:</b>
          {draft.missing.join(", ")}. Write it into the text with its amount if it belongs.
        </p>{/if}
      {#if draft.unused.length > 0}<p class="mt-3">
          <b>In the list, not in the steps:</b>
          {draft.unused.join("; ")}.
        </p>{/if}
      {#if told.length > 0}
        <h3 class="mt-3 text-lg">Found in the steps</h3>
        <ul>
          {#each told as step, index (index)}
            <li class="py-1">
              <b
                >{[
                  step.celsius && `${step.celsius} °C`,
                  step.minutes.length > 0 && `${step.minutes.join(", ")} min`,
                  step.ratio,
                  step.reserve,
                  step.rest && "rests or cools",
                ]
                  .filter(Boolean)
                  .join(" · ")}</b
              > <span class="quiet">{step.text}</span>
            </li>
          {/each}
        </ul>
      {/if}
    </section>
  {:else if !problem}
    <section class="tray quiet">
      <p>
        What each line is taken for shows here as you paste: the ingredient, how it is cut and cooked,
        and grams for each serving, ready to serve. Lines in doubt are asked about; nothing is dropped.
      </p>
    </section>
  {/if}
</div>
