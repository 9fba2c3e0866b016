<script lang="ts">
  import { api, ask, type Problem, type Purchase } from "../../api/client";
  import type { Desk } from "../desk.svelte";
  import Fault from "../../ui/Fault.svelte";

  // Less of something came in: fewer covers, a smaller share for everyone, or a stand-in.
  let { line, desk }: { line: Purchase; desk: Desk } = $props();
  let kilos = $state<number>();
  let problem = $state.raw<Problem>();
  type Short = Awaited<ReturnType<typeof look>>["data"];
  let short = $state.raw<Short>();

  function look(grams: number) {
    return ask(
      api.GET("/api/services/{id}/short", {
        params: { path: { id: desk.id }, query: { ingredient: line.ingredient, grams } },
      }),
    );
  }
  $effect(() => {
    if (kilos === undefined || kilos === null || kilos < 0) return void (short = undefined);
    let stale = false;
    void look(kilos * 1000).then(({ data, problem: fault }) => {
      if (!stale) [short, problem] = [data, fault];
    });
    return () => (stale = true);
  });
</script>

<div class="bg-base-200 mb-2 rounded-lg p-3" role="group" aria-label="{line.name} is short">
  <label class="flex flex-wrap items-center gap-2"
    >Only <input
      class="input h-11 w-28 text-right text-lg"
      type="number"
      min="0"
      step="any"
      inputmode="decimal"
      bind:value={kilos}
    />
    kg of {line.name.toLowerCase()} there, of {line.need_grams.text} needed</label
  >
  {#if problem}<Fault {problem} />{/if}
  {#if short}
    <ul class="mt-2">
      <li class="border-base-300 flex flex-wrap items-center gap-3 border-t py-1">
        <span class="grow"
          >As the salads are, it is enough for <b class="text-xl">{short.enough_for}</b> covers.</span
        >
      </li>
      {#each short.servings as serving (serving.change_at)}
        <li class="border-base-300 flex flex-wrap items-center gap-3 border-t py-1">
          <span class="grow"
            >{serving.component} in {serving.salad_name}: <b>{serving.now} → {serving.then}</b> a serving
            for everyone</span
          >
          <button
            class="btn btn-primary h-11"
            onclick={() => desk.change(serving.change_at, serving.then_grams)}>Give less</button
          >
        </li>
        {#if serving.swaps.length > 0}
          <li class="border-base-300 flex flex-wrap items-center gap-3 border-t py-1">
            <span class="grow"
              >Or in its place: {serving.swaps.map((swap) => swap.name).join(", ")}</span
            ><a class="btn btn-outline h-11" href="/salads/{serving.salad}">Swap in the salad</a>
          </li>
        {/if}
      {/each}
    </ul>
  {/if}
</div>
