<script lang="ts">
  import { onDestroy } from "svelte";
  import DayTrouble from "../service/day/DayTrouble.svelte";
  import Fault from "../ui/Fault.svelte";
  import Due from "../record/Due.svelte";
  import DeliveryLines from "../record/DeliveryLines.svelte";
  import Waiting from "../record/Waiting.svelte";
  import Bells from "./Bells.svelte";
  import RunCard from "./RunCard.svelte";
  import StopBar from "../service/StopBar.svelte";
  import TakeOn from "../service/TakeOn.svelte";
  import Mark from "../ui/Mark.svelte";
  import Warnings from "../ui/Warnings.svelte";
  import { minutesOf } from "../ui/clock";
  import { shortDay } from "../ui/dates";
  import type { DayTask } from "../service/day/day.svelte";
  import { RunOf } from "./run.svelte";

  // The day as it is worked, for a tablet at the pass: now, next, what stands, and one big tick.
  let { id }: { id: number } = $props();
  const NEXT = 5;
  // svelte-ignore state_referenced_locally
  const run = new RunOf(id);
  onDestroy(() => run.stop());

  let receiving = $state(false);
  let come = $state<{ come: number; all: number }>();

  const roster = $derived(run.day.roster);
  const next = $derived(run.next);
  const away = $derived(roster ? minutesOf(roster.service.from) - run.minute : 0);
  const DAY = 1440;
  const SOON = 180;
  // When it is due, seen from now; a day that its time names already is not named again.
  function dueIn(task: DayTask): string {
    const minutes = due(task.start);
    if (minutes < 0) return `${-minutes} min ago`;
    if (minutes < SOON) return minutes === 0 ? "now" : `in ${minutes} min`;
    return task.start.slice(0, 10) === run.now.slice(0, 10) || task.begins.includes(" ")
      ? ""
      : `on ${shortDay(task.start.slice(0, 10))}`;
  }
  const rehearsed = $derived(run.ahead !== 0);
  const due = (start: string) => minutesOf(start) - run.minute;
</script>

<svelte:head
  ><title>{roster ? `Now: ${roster.service.name} · Scullion` : "Scullion"}</title></svelte:head
>

{#if run.day.problem}<Fault problem={run.day.problem} />{/if}
{#if roster}
  <div class="my-3 flex flex-wrap items-center gap-x-5 gap-y-2">
    <a class="btn btn-outline h-11" href="/services/{id}/day">The day</a>
    <a class="btn btn-outline h-11" href="/services/{id}/close">Close it</a>
    <h1 class="min-w-0 grow text-2xl break-words">
      {roster.service.name}
      <span class="quiet text-lg">{shortDay(roster.service.date)}, {roster.service.from.slice(11)}</span
      >
    </h1>
    <b class="text-4xl tabular-nums"><span class="sr-only">Time now: </span>{run.now.slice(11)}</b>
    {#if rehearsed}<button class="btn btn-outline h-11" onclick={() => run.rehearse(undefined)}
        >Rehearsal: back to the clock</button
      >{/if}
  </div>
  <Waiting />
  <Bells {run} />
  <StopBar found={roster.hazards} day={run.day} />
  {#if !rehearsed && Math.abs(away) > DAY}
    <section class="tray mb-3 flex flex-wrap items-center gap-3">
      <p class="grow">
        This service is {away > 0 ? `on ${shortDay(roster.service.date)}` : "over"}. Rehearse it from
        its first task, with the marks you make kept.
      </p>
      <button class="btn btn-primary h-11" onclick={() => run.rehearse(roster.from)}
        >Rehearse from {roster.first}</button
      >
    </section>
  {/if}
  <div class="grid items-start gap-3 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
    <section aria-label="Now">
      <h2 class="mb-2 text-xl">Now</h2>
      <ul class="grid gap-3">
        {#each run.under as task (task.key)}
          <RunCard {run} {task} />
        {:else}
          <li class="tray text-lg">
            Nothing is under way. {next[0]
              ? `Next is ${next[0].name}, at ${next[0].begins}.`
              : "Everything is done."}
          </li>
        {/each}
      </ul>
    </section>
    <div class="grid gap-3">
      <section class="tray" aria-label="Next">
        <h2 class="text-xl">Next</h2>
        <ul>
          {#each next.slice(0, NEXT) as task (task.key)}
            <li class="border-base-300 flex items-center gap-3 border-t py-2">
              <span class="min-w-0 grow"
                ><b class="text-xl tabular-nums">{task.begins}</b>
                <span class={due(task.start) < 0 ? "text-error font-bold" : "quiet"}>{dueIn(task)}</span
                ><br /><span class="text-lg break-words">{task.name}</span>
                <span class="quiet inline-block"
                  >{task.text}{task.segments[0]?.cook ? `, ${task.segments[0].cook}` : ""}</span
                ></span
              >
              <button
                class="btn btn-primary h-14 text-lg"
                aria-label="Start {task.name}"
                disabled={run.day.busy || run.bars(task).length > 0}
                onclick={() => run.start(task)}>Start</button
              >
            </li>
            {#each run.bars(task) as stop (stop.key)}
              <li class="border-error mb-2 rounded border-l-8 pl-3" aria-label="Stop: {task.name}">
                <p><Mark kind="stop" /> <b class="text-error">{stop.what}</b> {stop.remedy}</p>
                {#if run.firstWith(stop)?.key === task.key}<TakeOn {stop} day={run.day} />{/if}
              </li>
            {/each}
          {/each}
        </ul>
        {#if next.length > NEXT}<p class="quiet mt-1">and {next.length - NEXT} more</p>{/if}
      </section>
      <section class="tray" aria-label="Mind">
        <h2 class="text-xl">Before the first task</h2>
        <Warnings found={roster.hazards} ats={["service"]} />
      </section>
      {#if !rehearsed}<Due />{/if}
      <DayTrouble day={run.day} />
      <details class="tray" ontoggle={(event) => (receiving ||= event.currentTarget.open)}>
        <summary class="cursor-pointer py-2 text-xl font-bold"
          >Received{come ? `, ${come.come} of ${come.all} lines` : ""}</summary
        >
        {#if receiving}<DeliveryLines
            {id}
            onload={(lines, all) => (come = { come: lines, all })}
          />{/if}
      </details>
      {#if run.done.length > 0}
        <details class="tray">
          <summary class="cursor-pointer py-2 text-xl font-bold"
            >Done, {run.done.length} of {run.tasks.length}</summary
          >
          <ul>
            {#each run.done as task (task.key)}<li
                class="border-base-300 flex items-center gap-3 border-t py-1"
              >
                <span class="grow">{task.name}</span><button
                  class="btn btn-ghost h-11"
                  aria-label="Not done: {task.name}"
                  onclick={() => run.reopen(task)}>Not done</button
                >
              </li>{/each}
          </ul>
        </details>
      {/if}
    </div>
  </div>
{:else if !run.day.problem}
  <p class="quiet p-6">Laying out the day …</p>
{/if}
