<script lang="ts">
  import { api, ask, type IngredientSummary, type Problem, type RecipeLine } from "../api/client";
  import Fault from "../ui/Fault.svelte";
  import FindIngredient from "../larder/FindIngredient.svelte";
  import Mark from "../ui/Mark.svelte";

  // One line of a pasted recipe: what it was taken for, or the question it leaves open.
  type Asks = {
    onchoose: (key: string) => void;
    onadded: (key: string) => void;
    onmended: (amount: string | undefined) => void;
    onright: () => void;
  };
  let { line, onchoose, onadded, onmended, onright }: { line: RecipeLine } & Asks = $props();
  let other = $state(false);
  let problem = $state.raw<Problem>();

  function take(key: string): void {
    other = false;
    onchoose(key);
  }

  // New to the larder: it begins with every figure of what it is like.
  async function addLike(like: IngredientSummary): Promise<void> {
    const name = line.name ?? line.text;
    const answer = await ask(
      api.POST("/api/ingredients", {
        body: { name: name[0]!.toUpperCase() + name.slice(1), like: like.key, aliases: [] },
      }),
    );
    problem = answer.problem;
    if (answer.data) onadded(answer.data.key);
  }
</script>

{#if line.kind !== "ingredient"}
  <li class="quiet border-base-300 border-b py-1.5" data-kind={line.kind}>
    <span class="inline-block w-24">{line.kind}</span>{line.text}
  </li>
{:else}
  <li class="border-base-300 border-b py-2" data-kind={line.kind} data-status={line.status}>
    <span
      class="grid min-h-11 grid-cols-[1fr_auto] items-center gap-x-3 sm:grid-cols-[1fr_1fr_8rem_5rem]"
    >
      <span class="break-words" dir="auto">{line.text}</span>
      {#if line.left}
        <span class="quiet sm:col-span-2">left out</span>
      {:else if line.status === "unknown"}
        <b class="sm:col-span-2">not in the larder</b>
      {:else}
        <span
          ><b>{line.taken?.name}</b>{#if line.done}<span class="quiet">, {line.done}</span
            >{/if}{#if line.usual}<span class="quiet">; as usual {line.usual}</span>{/if}</span
        >
        <span class="tabular-nums sm:text-right"
          >{line.grams === undefined
            ? line.to === "dressing"
              ? "to taste"
              : "its usual serving"
            : `${line.grams < 10 ? line.grams.toFixed(1) : Math.round(line.grams)} g a serving`}</span
        >
      {/if}
      {#if line.status === "sure" || line.left}
        <button
          class="btn btn-ghost h-11 min-w-11 justify-self-end"
          aria-label="Change what {line.text} is"
          onclick={() => (other = !other)}>Change</button
        >
      {/if}
    </span>
    {#if line.slip}
      <p class="flex items-start gap-2">
        <span class="mt-1"><Mark kind="look" /></span><span>{line.slip.what} {line.slip.range}</span>
      </p>
      <p class="mt-1 flex flex-wrap gap-2 pl-6">
        {#if line.slip.reading}<button
            class="btn btn-primary h-11"
            onclick={() => onmended(line.slip!.reading!.amount)}
            >Make it {line.slip.reading.amount}: {line.slip.reading.name}</button
          >{/if}
        <button class="btn btn-outline h-11" onclick={onright}>It is right</button>
      </p>
    {:else if line.mended}
      <p class="flex flex-wrap items-center gap-2">
        Taken as <b>{line.mended}</b><button
          class="btn btn-outline h-11"
          onclick={() => onmended(undefined)}>Put the written amount back</button
        >
      </p>
    {/if}
    {#if line.status !== "sure" || other}
      <span class="mt-1 flex flex-wrap items-center gap-2">
        <span class="quiet">{line.why ?? "What is it?"}</span>
        {#each line.guesses ?? [] as guess (guess.key)}
          <button
            class="btn h-11 {guess.key === line.taken?.key ? 'btn-primary' : 'btn-outline'}"
            onclick={() => take(guess.key)}>{guess.name}</button
          >
        {/each}
        <button class="btn btn-outline h-11" onclick={() => take("leave")}>Leave it out</button>
      </span>
      <span class="mt-1 grid gap-2 sm:grid-cols-2">
        <FindIngredient label="It is another" onchosen={(found) => take(found.key)} />
        <FindIngredient label="Add “{line.name ?? line.text}” to the larder, like" onchosen={addLike} />
      </span>
      {#if problem}<Fault {problem} />{/if}
    {/if}
  </li>
{/if}
