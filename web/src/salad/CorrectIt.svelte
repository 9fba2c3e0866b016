<script lang="ts">
  import { api, ask, plainly, type DressingBatch } from "../api/client";
  import Caution from "../ui/Caution.svelte";
  import Dot from "../ui/Dot.svelte";

  // Say what it tastes like now and how much is in the jug; get what a cook would add to mend it.
  // onadded: what was added and for what, in words.
  let { batch, onadded }: { batch: DressingBatch; onadded?: (words: string) => void } = $props();
  const tastes = $derived(
    batch.character.complaints.find((each) => each.key === complaint)?.name ?? "",
  );
  let complaint = $state("");
  let left = $state("");
  let fault = $state("");
  let answer = $state.raw<{
    name: string;
    refusal?: string;
    additions: {
      growth: string;
      parts: { ingredient: string; name: string; colour: string; text: string; measure?: string }[];
    }[];
  }>();

  $effect(() => {
    if (!complaint) return void (answer = undefined);
    const body = { complaint: complaint as "flat", left: left.trim() || batch.batch_grams.text };
    let stale = false;
    void ask(
      api.POST("/api/salads/{key}/correct", { params: { path: { key: batch.salad } }, body }),
    ).then(({ data, problem }) => {
      if (stale) return;
      answer = data;
      fault = problem ? plainly(problem) : "";
    });
    return () => (stale = true);
  });
</script>

<section class="no-print border-base-300 mt-4 border-t pt-3" aria-label="Correct it">
  <h3 class="text-lg">Correct it, by adding only</h3>
  <div class="mt-1 flex flex-wrap items-end gap-3">
    <label class="block"
      ><span class="quiet block">It tastes</span><select
        class="select h-11 w-52 text-lg"
        bind:value={complaint}
        ><option value="">right</option>{#each batch.character.complaints as each (each.key)}<option
            value={each.key}>{each.name.toLowerCase()}</option
          >{/each}</select
      ></label
    >
    <label class="block"
      ><span class="quiet block">In the jug now</span><input
        class="input h-11 w-32 text-right text-lg"
        maxlength="60"
        placeholder={batch.batch_grams.text}
        bind:value={left}
      /></label
    >
  </div>
  {#if fault}<p class="text-error mt-1 font-semibold" role="alert">{fault}</p>{/if}
  {#if answer}
    <div class="mt-2" aria-live="polite">
      {#if answer.refusal}<Caution text={answer.refusal} />{/if}
      {#each answer.additions as addition, index (index)}
        <p class="flex min-h-11 flex-wrap items-center gap-x-3">
          {index > 0 ? "or" : "Add"}
          {#each addition.parts as part, place (part.ingredient)}
            <span class="flex items-center gap-2"
              >{place > 0 ? "and " : ""}<Dot colour={part.colour} /><b class="text-2xl">{part.text}</b>
              {part.name.toLowerCase()}{part.measure ? ` (${part.measure})` : ""}</span
            >
          {/each}
          <span class="quiet">the jug grows by {addition.growth}</span>
          {#if onadded}<button
              class="btn btn-outline h-11"
              onclick={() => {
                const parts = addition.parts.map((part) => `${part.text} ${part.name.toLowerCase()}`);
                onadded(`${tastes}: added ${parts.join(" and ")}`);
                complaint = "";
              }}>I added it</button
            >{/if}
        </p>
      {/each}
      {#if answer.additions.length > 0}<p class="quiet">
          Whisk it in, taste on a leaf, then ask again.
        </p>{/if}
    </div>
  {/if}
</section>
