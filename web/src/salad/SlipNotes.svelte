<script lang="ts">
  import type { Judged } from "../api/client";
  import type { Dressing, SaladEditor } from "./salad.svelte";
  import Mark from "../ui/Mark.svelte";

  // Amounts that are never in that food, and what is counted twice: the usual range, the nearest
  // reading that fits with one tap to take it, or "it is right".
  let { slips, editor }: { slips: Judged["slips"]; editor: SaladEditor } = $props();

  type Slip = Judged["slips"][number];
  type Part = Dressing["parts"][number];
  const place = (slip: Slip) => Number(slip.at.split("/").at(-1));

  function part(index: number, change: (part: Part) => Part): void {
    editor.dress((dressing) => ({
      ...dressing,
      parts: dressing.parts.map((each, at) => (at === index ? change(each) : each)),
    }));
  }
  // A reading of nothing takes the line out.
  function takeOut(slip: Slip): void {
    if (slip.at.startsWith("components/")) editor.remove(place(slip));
    else
      editor.dress((dressing) => ({
        ...dressing,
        parts: dressing.parts.filter((_, at) => at !== place(slip)),
      }));
  }
  function take(slip: Slip): void {
    const { grams, factor } = slip.reading!;
    if (factor === 0) takeOut(slip);
    else if (slip.at.startsWith("components/")) editor.component(place(slip), { grams });
    else
      part(place(slip), (each) => ({
        ...each,
        ...(each.ml !== undefined ? { ml: each.ml * factor } : { grams: each.grams! * factor }),
      }));
  }
  function right(slip: Slip): void {
    if (slip.at.startsWith("components/")) editor.component(place(slip), { right: true });
    else part(place(slip), (each) => ({ ...each, right: true }));
  }
</script>

{#each slips as slip (`${slip.at} ${slip.what}`)}
  <div class="tray mb-3" role="status" aria-label="A slip?">
    <p class="flex items-start gap-2">
      <span class="mt-1"><Mark kind="look" /></span><span><b>{slip.what}</b> {slip.range}</span>
    </p>
    <p class="mt-2 flex flex-wrap items-center gap-2 pl-6">
      {#if slip.at.startsWith("dressing/")}<span>In the dressing.</span>{/if}
      {#if slip.reading}<button
          class="btn btn-primary h-auto min-h-11 max-w-full py-1 text-left"
          onclick={() => take(slip)}
          >{slip.reading.factor === 0 ? "Take this one out" : `Make it ${slip.reading.text}`}: {slip
            .reading.name}</button
        >{/if}
      <button class="btn btn-outline h-11" onclick={() => right(slip)}>It is right</button>
    </p>
  </div>
{/each}
