<script lang="ts">
  import type { DayOf, Fix } from "./day.svelte";
  import HowFar from "../../ui/HowFar.svelte";
  import Mark from "../../ui/Mark.svelte";

  // What would be late, unsafe or past its best, where the day is too full, and ways out of it.
  let { day }: { day: DayOf } = $props();
  const SHOWN = 4;
  const roster = $derived(day.roster!);
  const decided = $derived(roster.decided);
  let all = $state(false);
  // Everything that was decided to make the day work.
  const many = $derived(
    [
      decided.extra,
      decided.borrowed,
      decided.cut,
      decided.loads,
      decided.skilled,
      decided.left_out,
      decided.otherwise,
      decided.ahead,
      decided.together,
      decided.lots,
      decided.more,
    ].flat().length,
  );

  // How sure, at what price, with how many hands, and what it does to the food.
  const told = (fix: Fix) => [fix.chance, fix.cost, fix.hands, fix.food].filter(Boolean).join("; ");
  function take(fix: Fix): void {
    day.trying.stop();
    void day.decide(fix.decide);
  }

  const named = (preparation: string) =>
    roster.ahead.find((line) => line.preparation === preparation)?.name ?? "Something";
</script>

{#snippet ways(found: Fix[])}
  <ul class="mt-2">
    {#each found as fix (fix.what)}
      <li class="border-base-300 flex flex-wrap items-center gap-x-4 border-t py-1">
        <span class="grow basis-80"
          ><b>{fix.what}</b>
          <span class="quiet">{fix.sure ? "" : "about "}{fix.effect}</span>
          <span class="quiet block">{told(fix)}</span></span
        ><button class="btn btn-primary h-11" disabled={day.busy && fix.sure} onclick={() => take(fix)}
          >Do it</button
        >
      </li>
    {:else}
      <li>Nothing small helps: fewer covers, a later service, or more than one more cook.</li>
    {/each}
  </ul>
{/snippet}

{#if !roster.works}
  <section class="tray" aria-label="What does not work">
    <h2 class="flex items-center gap-2 text-xl"><Mark kind="stop" /> This day does not work yet</h2>
    <ul class="mt-1">
      {#each all ? roster.says : roster.says.slice(0, SHOWN) as said, index (index)}<li class="py-0.5">
          {said}
        </li>{/each}
    </ul>
    {#if roster.says.length > SHOWN && !all}<button class="link min-h-11" onclick={() => (all = true)}
        >and {roster.says.length - SHOWN} more</button
      >{/if}
    {#if roster.problem}<p class="mt-1"><b>Fullest: {roster.problem.what}</b></p>{/if}
    {#if day.fixes}
      {@render ways(day.fixes)}
    {:else if day.trying.underWay}
      <HowFar what="Trying ways out" far={day.trying.far} onstop={() => day.trying.stop()} />
      {#if day.foundSoFar.length > 0}{@render ways(day.foundSoFar)}{/if}
    {:else}
      <button class="btn btn-primary mt-2 h-11" disabled={day.busy} onclick={() => day.findFixes()}
        >Find ways out</button
      >
    {/if}
  </section>
{/if}
{#if roster.notes.length > 0}
  <section class="tray" aria-label="Made again">
    {#each roster.notes as note, index (index)}<p class="flex items-start gap-2">
        <span class="mt-1"><Mark kind="look" /></span><span>{note}</span>
      </p>{/each}
  </section>
{/if}
{#if many > 0}
  <section class="tray flex flex-wrap gap-2" aria-label="Decided for this day">
    {#each decided.extra as hours, index (index)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ unextra: hours.from })}>One more cook {hours.text} ×</button
      >{/each}
    {#each decided.skilled as one, index (index)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ unskilled: { cook: one.cook, skill: one.skill } })}
        >{one.text} ×</button
      >{/each}
    {#each decided.borrowed as one, index (index)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ returned: one.kind })}>One more {one.text} ×</button
      >{/each}
    {#each decided.loads as { preparation, loads } (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ loads: { preparation, loads: 1 } })}
        >{named(preparation)}: {loads} loads ×</button
      >{/each}
    {#each decided.left_out as { preparation, name } (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ put_back: preparation })}>{name}: left out ×</button
      >{/each}
    {#each decided.ahead as { preparation, text } (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ ahead: { preparation, days: 0 } })}>{text} ×</button
      >{/each}
    {#each decided.together as { preparation, text } (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ apart: preparation })}>{text} ×</button
      >{/each}
    {#each decided.lots as { preparation, code, text } (text)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ unlot: { preparation, ...(code && { code }) } })}>{text} ×</button
      >{/each}
    {#each decided.more as { preparation, text } (text)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ unmore: preparation })}>{text} ×</button
      >{/each}
    {#each decided.otherwise as { preparation, text } (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ as_usual: preparation })}>{text} ×</button
      >{/each}
    {#each decided.cut as preparation (preparation)}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ uncut: preparation })}
        >{named(preparation)}: bought ready cut ×</button
      >{/each}
  </section>
{/if}
