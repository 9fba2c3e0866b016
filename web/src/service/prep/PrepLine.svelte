<script lang="ts">
  import type { Prep, Schemas } from "../../api/client";
  import CutSize from "./CutSize.svelte";
  import YieldBar from "./YieldBar.svelte";
  import Dot from "../../ui/Dot.svelte";
  import Fact from "../../ui/Fact.svelte";
  import Figure from "../../ui/Figure.svelte";
  import RowOfRecipe from "../../ui/RowOfRecipe.svelte";
  import Warnings from "../../ui/Warnings.svelte";

  // One line of the bench: as bought → trimmed → cut → treated, with tool, minutes, trim and its use.
  let {
    line,
    found,
    done,
    ontick,
  }: {
    line: Prep;
    found: Schemas["Finding"][];
    done: boolean;
    ontick: (done: boolean) => void;
  } = $props();
  const treatBefore = $derived(line.treat && !line.treat.after_cooking);
</script>

<section class="tray {done ? 'opacity-60' : ''}">
  <div class="flex items-start justify-between gap-3">
    <h3 class="flex items-center gap-2 text-xl"><Dot colour={line.colour} />{line.name}</h3>
    <label class="flex min-h-11 cursor-pointer items-center gap-2"
      ><span class="quiet">{done ? "done" : "to do"}</span><input
        type="checkbox"
        class="checkbox checkbox-lg"
        aria-label="{line.name} is done"
        checked={done}
        onchange={(event) => ontick(event.currentTarget.checked)}
      /></label
    >
  </div>
  <RowOfRecipe row={line.written} />
  <div class="my-2 grid gap-x-5 {treatBefore ? 'grid-cols-2 @lg:grid-cols-4' : 'grid-cols-3'}">
    <Fact label="Bought (AP)" of={line.ap_grams} size={treatBefore ? "text-2xl" : "text-3xl"} />
    <Fact label={line.trim ? `${line.trim} (EP)` : "Untrimmed (EP)"} of={line.ep_grams} />
    <Fact label={line.cut ? "Cut" : "Whole"} of={line.prepped_grams} />
    {#if treatBefore}<Fact label="Ready" of={line.ready_grams} />{/if}
  </div>
  <YieldBar
    id={line.at.replace("/", "-")}
    bought={Number(line.ap_grams.value)}
    trimmed={Number(line.trim_grams.value)}
    ready={Number(line.prepped_grams.value)}
    colour={line.colour}
  />
  <div class="mt-3 grid gap-4 @lg:grid-cols-[1fr_auto]">
    <div class="grid content-start gap-1.5">
      <p>
        <Figure of={line.hands_minutes} size="text-xl" label="{line.name}, hands on" />
        <span class="quiet">hands on</span>{#if line.cut}<span
            >&nbsp;· <b>{line.cut.name}</b>{line.cut.after_cooking ? ", once cooked" : ""}, {line.cut
              .tool}</span
          >{/if}{#if line.pieces}<span>&nbsp;· <b>{line.pieces}</b></span>{/if}{#if line.fruit}<span
            >&nbsp;· <b>{line.fruit}</b></span
          >{/if}
      </p>
      {#if line.trim_off}<p>
          Trim: <Figure of={line.trim_grams} size="text-lg" label="{line.name}, trim" />
          {line.trim_off} → {line.trim_use}
        </p>{/if}
      {#if line.first}<p><b>{line.first}.</b></p>{/if}
      {#if line.treat}
        <p>
          <b>{line.treat.said}</b>{line.treat.after_cooking ? ", once cooked" : ""}: {line.treat.how}
          {#if line.treat.takes.length > 0}Takes {line.treat.takes.join(", ")}.{/if}
        </p>
        <p class="quiet">Done: {line.treat.done} {line.treat.if}: {line.treat.then}</p>
      {/if}
      <Warnings {found} ats={[line.at]} />
    </div>
    {#if line.cut}
      <figure class="justify-self-end text-right">
        <CutSize mm={line.cut.mm} colour={line.colour} name={line.cut.name} />
        <figcaption class="quiet">true size, top and edge</figcaption>
      </figure>
    {/if}
  </div>
</section>
