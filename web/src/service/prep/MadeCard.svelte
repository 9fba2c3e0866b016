<script lang="ts">
  import type { Schemas } from "../../api/client";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import RowOfRecipe from "../../ui/RowOfRecipe.svelte";

  // A made part: made once for all the salads that it goes into, each ingredient weighed in.
  let {
    made,
    done,
    ontick,
  }: { made: Schemas["Making"]; done: boolean; ontick: (done: boolean) => void } = $props();
</script>

<section class="tray mb-3 {done ? 'opacity-60' : ''}" aria-label="Make {made.name}">
  <div class="flex items-start justify-between gap-3">
    <h2 class="flex items-center gap-2 text-xl"><Dot colour={made.colour} />{made.name}</h2>
    <label class="no-print flex min-h-11 cursor-pointer items-center gap-2"
      ><span class="quiet">{done ? "made" : "to make"}</span><input
        type="checkbox"
        class="checkbox checkbox-lg"
        aria-label="{made.name} is made"
        checked={done}
        onchange={(event) => ontick(event.currentTarget.checked)}
      /></label
    >
  </div>
  <p class="quiet">For {made.for.join(", ")}.</p>
  <div class="mt-2 grid gap-5 @lg:grid-cols-[auto_1fr]">
    <div class="grid content-start gap-2">
      <Fact label="To make" of={made.make_grams} size="text-3xl" />
      <p>
        <Figure of={made.hands_minutes} size="text-xl" label="{made.name}, hands on" />
        <span class="quiet">hands on</span>
      </p>
      <p>
        Keeps <Figure of={made.days} size="text-xl" label="{made.name}, keeps" />{made.cold
          ? ", cold"
          : ""}
      </p>
    </div>
    <div class="min-w-0">
      <table class="w-full text-lg">
        <tbody>
          {#each made.parts as part (part.at)}
            <tr class="border-base-300 border-b">
              <td class="py-1"
                ><span class="flex items-center gap-2"
                  ><Dot colour={part.colour} />{part.name}{#if part.fruit}<span class="quiet"
                      >{part.fruit}</span
                    >{/if}</span
                ><RowOfRecipe row={part.written} /></td
              >
              <td class="py-1 text-right"
                ><Figure of={part.grams} size="text-xl" label="{made.name}, {part.name}" /></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <p class="mt-2"><b>{made.do}.</b> Too thick: {made.thin}.</p>
      <p class="quiet">
        {made.contains.length > 0
          ? `Contains ${made.contains.join(", ")}.`
          : "None of the fourteen in it."}
      </p>
    </div>
  </div>
</section>
