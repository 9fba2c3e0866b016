<script lang="ts">
  import type { DayTask } from "../service/day/day.svelte";
  import Entries from "../record/Entries.svelte";
  import NoteDown from "../record/NoteDown.svelte";
  import TrayCard from "../record/TrayCard.svelte";
  import WriteDown from "../record/WriteDown.svelte";
  import Warnings from "../ui/Warnings.svelte";
  import Tasted from "./Tasted.svelte";
  import { countdown, type RunOf } from "./run.svelte";

  // One task under way: what is on now, its timer, a big tick, and what to say when it runs late or is
  // spoilt; below it what may still grow, so that no button moves from under a finger.
  let { run, task }: { run: RunOf; task: DayTask } = $props();
  const LATE = 10;
  const SHARES = [0.25, 0.5, 1];
  const stretch = $derived(run.stretch(task));
  const left = $derived(run.left(task));
  let asking = $state(false);
</script>

<li class="tray" aria-label={task.name}>
  <div class="flex flex-wrap items-center gap-4">
    <button
      class={[
        "border-success text-success flex h-20 w-20 shrink-0 items-center",
        "justify-center rounded-2xl border-4",
      ]}
      aria-label="Done: {task.name}"
      disabled={run.day.busy}
      onclick={() => run.finish(task)}
    >
      <svg viewBox="0 0 16 16" class="h-12 w-12" aria-hidden="true"
        ><path d="M2 9l4 4 8-10" fill="none" stroke="currentColor" stroke-width="2.5" /></svg
      >
    </button>
    <div class="min-w-0 grow basis-60">
      <h3 class="text-2xl leading-tight break-words">{task.name}</h3>
      <p class="quiet text-lg">
        {stretch.name ?? (stretch.hands ? "Hands on" : "Stands")}{stretch.cook
          ? ` · ${stretch.cook}`
          : ""} · until
        {stretch.to.slice(11)}
      </p>
    </div>
    <div class="text-right" role="timer" aria-label="Time left">
      <b class="text-5xl tabular-nums {left < 0 ? 'text-error' : ''}">{countdown(left)}</b>
      <div class="quiet">{left < 0 ? "over" : stretch.hands ? "left, hands on" : "left, standing"}</div>
    </div>
  </div>
  <div class="mt-3 flex flex-wrap gap-2">
    <button
      class="btn btn-outline h-12 text-lg"
      disabled={run.day.busy}
      onclick={() => run.late(task, (task.over_minutes ?? 0) + LATE)}
      >Running late, {LATE} min more</button
    >
    <button
      class="btn btn-outline h-12 text-lg"
      disabled={run.day.busy}
      aria-expanded={asking}
      onclick={() => (asking = !asking)}>Spoilt</button
    >
    <button class="btn btn-ghost h-12 text-lg" disabled={run.day.busy} onclick={() => run.reopen(task)}
      >Not begun after all</button
    >
    {#if asking}
      <span class="self-center">Make again:</span>
      {#each SHARES as share (share)}<button
          class="btn btn-primary h-12 text-lg"
          onclick={() => {
            asking = false;
            void run.spoilt(task, share);
          }}>{share === 1 ? "all of it" : share === 0.5 ? "half" : "a quarter"}</button
        >{/each}
    {/if}
  </div>
  <div class="text-lg">
    <Warnings found={run.day.roster?.hazards ?? []} ats={[task.key, ...(task.at ? [task.at] : [])]} />
  </div>
  <div class="mt-3 flex flex-wrap gap-x-6 gap-y-2">
    {#each run.asks(task) as ask (ask.name)}<WriteDown
        name={ask.name}
        unit={ask.unit}
        what={ask.what}
        now={run.now}
        ondone={() => void run.look()}
      />{/each}
    {#if task.stage === "dress"}<Tasted {run} {task} />{/if}
    {#each run.trays.filter((tray) => tray.task === task.key) as tray (tray.task)}<TrayCard
        {tray}
      />{/each}
  </div>
  <details class="mt-2">
    <summary class="min-h-11 cursor-pointer text-lg">A note, a picture</summary>
    <NoteDown
      what={{ service: run.day.id, task: task.key, about: task.name }}
      now={run.now}
      ondone={() => void run.look()}
    />
  </details>
  <Entries service={run.day.id} at={task.key} />
</li>
