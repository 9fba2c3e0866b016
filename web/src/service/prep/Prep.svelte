<script lang="ts">
  import { whenMoved } from "../../state/live.svelte";
  import type { Plan, Prep } from "../../api/client";
  import Figure from "../../ui/Figure.svelte";
  import MadeCard from "./MadeCard.svelte";
  import PrepLine from "./PrepLine.svelte";
  import PrepSheet from "./PrepSheet.svelte";
  import SharedNote from "../SharedNote.svelte";
  import type { Desk } from "../desk.svelte";
  import { Ticks } from "./ticks.svelte";

  let { plan, desk }: { plan: Plan; desk: Desk } = $props();
  // The screen is made anew for another service, so the first id is the one.
  // svelte-ignore state_referenced_locally
  const ticks = new Ticks(desk.id);
  $effect(() => whenMoved(ticks.load, desk.id));
  const at = $derived(new Map(plan.prep.map((line) => [line.at, line])));
  const linesOf = (addresses: string[]): Prep[] =>
    addresses.flatMap((address) => at.get(address) ?? []);
  const others = $derived(
    plan.prep.filter((line) => !line.bench && !plan.made.some((made) => made.prep === line.at)),
  );
  const left = (lines: Prep[]) => lines.filter((line) => !ticks.done(line.key)).length;
</script>

<SharedNote {plan} />
<div class="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2">
  <p class="grow">{plan.service.crew}.</p>
  <button class="btn btn-outline no-print h-11" onclick={() => print()}>Print</button>
</div>
{#each plan.benches as bench (bench.at)}
  {@const lines = linesOf(bench.lines)}
  <PrepSheet name={bench.name} minutes={bench.hands_minutes.text} {lines} found={plan.hazards} />
  <section class="no-print mb-5">
    <h2 class="mb-2 flex flex-wrap items-baseline gap-x-3 text-xl">
      {bench.name}
      <span class="text-base font-normal"
        ><Figure of={bench.hands_minutes} label="{bench.name}, hands on" />
        <span class="quiet"
          >hands on · {left(lines) === 0 ? "all done" : `${left(lines)} of ${lines.length} to do`}</span
        ></span
      >
    </h2>
    <div class="grid gap-3 @4xl:grid-cols-2">
      {#each lines as line (line.key)}
        <PrepLine
          {line}
          found={plan.hazards}
          done={ticks.done(line.key)}
          ontick={(done) => ticks.tick(line.key, done)}
        />
      {/each}
    </div>
  </section>
{/each}
<div class="grid items-start gap-3 @4xl:grid-cols-2">
  {#each plan.made as made (made.at)}<MadeCard
      {made}
      done={ticks.done(made.at)}
      ontick={(done) => ticks.tick(made.at, done)}
    />{/each}
</div>
{#if others.length > 0}
  <p class="quiet mt-3">
    Nothing to cut, straight to Cook or Build: {others
      .map((line) => (line.written ? `${line.name} (“${line.written}”)` : line.name))
      .join(", ")}.
  </p>
{/if}
