<script lang="ts">
  import { api, ask, type IngredientSummary } from "../api/client";
  import Dot from "../ui/Dot.svelte";

  // Finds an ingredient by any name as it is typed; arrows and Enter choose.
  let {
    label,
    chosen = "",
    onchosen,
  }: { label: string; chosen?: string; onchosen: (found: IngredientSummary) => void } = $props();
  let text = $state("");
  let found = $state.raw<IngredientSummary[]>([]);
  let place = $state(0);

  $effect(() => {
    const find = text.trim();
    if (!find) return void (found = []);
    let stale = false;
    void ask(api.GET("/api/ingredients", { params: { query: { find } } })).then(({ data }) => {
      if (stale) return;
      found = (data ?? []).slice(0, 6);
      place = 0;
    });
    return () => (stale = true);
  });

  function take(which: IngredientSummary | undefined): void {
    if (!which) return;
    text = "";
    found = [];
    onchosen(which);
  }

  function keys(event: KeyboardEvent): void {
    if (event.key === "ArrowDown") place = Math.min(place + 1, found.length - 1);
    else if (event.key === "ArrowUp") place = Math.max(place - 1, 0);
    else if (event.key === "Enter") {
      event.preventDefault();
      take(found[place]);
    } else return;
    event.stopPropagation();
  }
</script>

<div class="relative">
  <label
    >{label}
    {#if chosen}<b>{chosen}</b>{/if}<input
      class="input h-11 w-full text-lg"
      type="search"
      maxlength="80"
      autocomplete="off"
      placeholder="garbanzo, courgette, dill"
      role="combobox"
      aria-expanded={found.length > 0}
      aria-controls="found"
      bind:value={text}
      onkeydown={keys}
    /></label
  >
  {#if found.length > 0}
    <ul
      id="found"
      class="tray bg-base-100 absolute inset-x-0 z-20 mt-1 p-0!"
      role="listbox"
      aria-label="Found"
    >
      {#each found as each, index (each.key)}
        <li role="option" aria-selected={index === place}>
          <button
            type="button"
            class="flex min-h-11 w-full items-center gap-3 px-3 text-left {index === place
              ? 'bg-base-200'
              : ''}"
            onclick={() => take(each)}
            ><Dot colour={each.colour} /><b>{each.name}</b><span class="quiet"
              >{each.aliases.slice(0, 2).join(", ")}</span
            ></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</div>
