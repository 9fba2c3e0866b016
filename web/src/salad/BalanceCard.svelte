<script lang="ts">
  import type { Component, Taste } from "../api/client";
  import FeltBars from "./FeltBars.svelte";
  import type { SaladEditor } from "./salad.svelte";
  import Mark from "../ui/Mark.svelte";

  // Advice with its evidence, never a block; each remedy shows its effect before it is taken.
  let { taste, editor }: { taste: Taste; editor: SaladEditor } = $props();
  const see = (name: string, component: Component) =>
    editor.tryOut(`With ${name.toLowerCase()}`, {
      ...editor.salad!,
      components: [...editor.salad!.components, component],
    });
</script>

<section class="tray">
  <h2 class="text-xl">Balance</h2>
  {#each taste.balance.notes as note (note.key)}
    <div class="border-base-300 border-t py-2">
      <p class="flex items-start gap-2">
        <span class="mt-1"><Mark kind="look" /></span><span
          ><b>{note.what}.</b>
          {note.why}{note.lines.length > 0 && note.adds.length > 0
            ? ` Now: ${note.lines.join(", ")}.`
            : ""}</span
        >
      </p>
      {#if note.adds.length > 0}
        <p class="mt-1 flex flex-wrap gap-2 pl-6">
          {#each note.adds as add (add.name)}<button
              class="btn btn-outline h-11"
              onclick={() => see(add.name, add.component)}>See with {add.name.toLowerCase()}</button
            >{/each}
        </p>
      {/if}
    </div>
  {:else}
    <p class="my-2 flex items-center gap-2">
      <Mark kind="fits" />Nothing to say: crisp and soft, sour and sweet, more than one colour.
    </p>
  {/each}
  <div class="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-2">
    <FeltBars title="Taste" rows={taste.balance.tastes} />
    <FeltBars title="Texture" rows={taste.balance.textures} />
  </div>
</section>
