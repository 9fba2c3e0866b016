<script lang="ts">
  import type { Schemas } from "../api/client";
  import Dot from "../ui/Dot.svelte";

  // What a made part is made of, each in the recipe's own grams: they are its shares, on any scale.
  let {
    name,
    made,
    rows,
    onchanged,
  }: {
    name: string;
    made: Schemas["MadePart"];
    rows: Schemas["Below"][];
    onchanged: (made: Schemas["MadePart"]) => void;
  } = $props();
  const HOW: Schemas["MadePart"]["how"][] = [
    "pounded",
    "blended",
    "whisked",
    "pickled",
    "toasted",
    "mixed",
  ];

  function grams(at: number, value: number): void {
    if (!(value > 0)) return;
    onchanged({
      ...made,
      parts: made.parts.map((part, place) => (place === at ? { ...part, grams: value } : part)),
    });
  }

  const without = (at: number): void =>
    onchanged({ ...made, parts: made.parts.filter((_, place) => place !== at) });
</script>

<div class="mt-2 grid gap-1 pl-20" role="group" aria-label="{name} is made of">
  <label class="flex items-center gap-3"
    ><span class="quiet">Made by</span><select
      class="select h-11 w-40 text-lg"
      value={made.how}
      onchange={(event) =>
        onchanged({ ...made, how: event.currentTarget.value as Schemas["MadePart"]["how"] })}
      >{#each HOW as how (how)}<option>{how}</option>{/each}</select
    ></label
  >
  {#each made.parts as part, at (`${part.ingredient}-${at}`)}
    <div class="flex flex-wrap items-center gap-2">
      <Dot colour={rows[at]?.colour ?? "#888888"} />
      <span class="min-w-32 grow">{rows[at]?.name ?? part.ingredient}</span>
      <span class="quiet">{rows[at]?.text}</span>
      <input
        class="input h-11 w-24 text-right text-lg"
        type="number"
        min="0.01"
        step="any"
        aria-label="{rows[at]?.name ?? part.ingredient} in {name}, g"
        value={part.grams}
        onchange={(event) => grams(at, event.currentTarget.valueAsNumber)}
      /><span class="quiet">g</span>
      <button
        class="btn btn-ghost h-11 w-11 p-0 text-xl"
        aria-label="Take {rows[at]?.name ?? part.ingredient} out of {name}"
        disabled={made.parts.length === 1}
        onclick={() => without(at)}>×</button
      >
    </div>
  {/each}
</div>
