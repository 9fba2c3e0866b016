<script lang="ts">
  import { api, ask, type HouseRules, type Problem } from "../api/client";
  import Fault from "../ui/Fault.svelte";

  // One set of house rules with its limits, to be made this kitchen's own. Never law.
  let { rules, onsaved }: { rules: HouseRules; onsaved: (all: HouseRules[]) => void } = $props();
  const LIMITS = [
    ["cold_celsius", "Cold at most, °C"],
    ["hot_celsius", "Hot at least, °C"],
    ["out_minutes", "Out of the cold at most, min"],
    ["days", "Days kept, the first being the day it is made"],
    ["first_celsius", "Cooled first to, °C"],
    ["first_minutes", "within, min"],
    ["cooled_minutes", "Cold within, in all, min"],
  ] as const;
  let draft = $derived({ ...rules });
  let problem = $state.raw<Problem>();
  let saved = $state("");

  async function save(): Promise<void> {
    const { key, words: _words, ...plain } = draft;
    const answer = await ask(
      api.PUT("/api/house-rules/{key}", { params: { path: { key } }, body: plain }),
    );
    problem = answer.problem;
    saved = answer.data ? "Saved. Every hold follows it." : "";
    if (answer.data) onsaved(answer.data);
  }
</script>

<details class="sm:col-span-2 lg:col-span-4">
  <summary class="cursor-pointer py-2 font-bold">Change the limits of {rules.name}</summary>
  {#if problem}<Fault {problem} />{/if}
  <div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
    <label
      >Its name <input
        class="input h-11 w-full text-lg"
        maxlength="120"
        value={draft.name}
        onchange={(event) => (draft = { ...draft, name: event.currentTarget.value })}
      /></label
    >
    {#each LIMITS as [limit, words] (limit)}
      <label
        >{words}
        <input
          class="input h-11 w-full text-right text-lg"
          type="number"
          step="any"
          value={draft[limit]}
          onchange={(event) => (draft = { ...draft, [limit]: event.currentTarget.valueAsNumber })}
        /></label
      >
    {/each}
  </div>
  <p class="mt-2 flex items-center gap-3">
    <button type="button" class="btn btn-outline h-11" onclick={save}>Save these limits</button><span
      role="status"
      class="text-success font-semibold">{saved}</span
    ><span class="quiet">Your local code and your food-safety lead decide.</span>
  </p>
</details>
