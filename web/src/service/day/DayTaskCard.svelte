<script lang="ts">
  import type { DayOf } from "./day.svelte";
  import { shortDay } from "../../ui/dates";
  import { minutesOf, momentOf } from "../../ui/clock";

  // The task that is that is chosen: when, who, what it waits for, how far it may move.
  let { day }: { day: DayOf } = $props();
  const STEP = 5;
  const task = $derived(day.task!);
  const cooks = $derived(
    [...new Set(task.segments.map((segment) => segment.cook).filter(Boolean))].join(", "),
  );
  const waits = $derived(
    day.roster!.tasks.filter((other) => task.after.includes(other.key)).map((other) => other.name),
  );
  const line = $derived(day.roster!.ahead.find((each) => each.preparation === task.preparation));
  const start = $derived(minutesOf(task.start));
  const free = (by: number) =>
    day.ranges.some(
      (range) => start + by >= minutesOf(range.from) && start + by <= minutesOf(range.to),
    );
  const DAYS = ["on the day", "the day before", "two days before"];
  const ranges = $derived(
    day.ranges.map(({ from, to, text }) => (from === to ? text.split(" to ")[0] : text)).join(", or "),
  );
</script>

<section class="tray" aria-label="The task">
  <div class="flex flex-wrap items-baseline gap-x-4">
    <h2 class="mr-auto text-xl">{task.name}</h2>
    <b class="text-2xl tabular-nums">{task.begins} to {task.ends}</b>
  </div>
  <p class="mt-1">
    <b>{task.text}</b>, {task.hands_minutes} min with hands{cooks ? ` (${cooks})` : ""}.
    {#if waits.length > 0}Waits for: {waits.join("; ")}.{/if}
    {task.slack_minutes > 0
      ? `Could begin ${task.slack} sooner, by the order of work.`
      : "Cannot begin sooner."}
    {#if task.critical}<b class="text-accent">On the longest chain.</b>{/if}
    {#if task.best_until}At its best until {task.best_until.slice(0, 10) === task.end.slice(0, 10)
        ? ""
        : `${shortDay(task.best_until.slice(0, 10))}, `}{task.best_until.slice(11)}.{/if}
  </p>
  <p class="quiet">
    {day.ranges.length > 0
      ? `May begin ${ranges} if nothing else moves.`
      : "Cannot move unless something else does."}
  </p>
  <div class="mt-2 flex flex-wrap gap-2">
    <button
      class="btn btn-outline h-11"
      disabled={!free(-STEP) || day.busy}
      onclick={() => day.decide({ pin: { task: task.key, at: momentOf(start - STEP) } })}
      >5 min sooner</button
    >
    <button
      class="btn btn-outline h-11"
      disabled={!free(STEP) || day.busy}
      onclick={() => day.decide({ pin: { task: task.key, at: momentOf(start + STEP) } })}
      >5 min later</button
    >
    {#if task.pinned}<button
        class="btn btn-outline h-11"
        onclick={() => day.decide({ unpin: task.key })}>Let it move again</button
      >{/if}
    {#if line && task.preparation}
      {#each line.may.filter((days) => days !== line.days) as days (days)}<button
          class="btn btn-outline h-11"
          disabled={day.busy}
          onclick={() => day.decide({ ahead: { preparation: line.preparation, days } })}
          >Make it {DAYS[days]}</button
        >{/each}
    {/if}
    <button class="btn btn-ghost h-11" onclick={() => day.choose(undefined)}>Close</button>
  </div>
</section>
