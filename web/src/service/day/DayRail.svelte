<script lang="ts">
  import { clockOf, minutesOf, momentOf } from "../../ui/clock";
  import { shortDay } from "../../ui/dates";
  import type { DayOf } from "./day.svelte";
  import HoldRibbon from "./HoldRibbon.svelte";
  import { lanesOf, type Bar, type RailLane } from "./rail";

  // The day on a rail: a lane for each cook and each piece of equipment, hands-on solid and unattended
  // hatched. A task is chosen, then dragged or moved by the arrow keys within the range that is shown.
  let {
    day,
    equipment,
    holds,
    hours,
  }: { day: DayOf; equipment: boolean; holds: boolean; hours: number } = $props();

  const ROW = 40;
  const RIBBON = 26;
  const SNAP = 5;
  const DRAG = 4;
  const LABEL = 112;
  const STEPS = [15, 30, 60, 120, 180, 360, 720];
  const CLOCK_WIDTH = 58;
  let width = $state(900);
  let scroller: HTMLDivElement;
  let pulled = $state<{ key: string; by: number }>();

  const roster = $derived(day.roster!);
  const lanes = $derived(
    lanesOf(roster).filter((lane) => lane.kind === "cook" || (equipment && lane.bars.length > 0)),
  );
  // What is ready waits so long, and no longer than it keeps.
  const ribbons = $derived(
    holds
      ? roster.ahead.map((line) => ({
          ...line,
          from: minutesOf(line.ready_at),
          used: minutesOf(line.used_at),
          to: minutesOf(line.keeps_until),
        }))
      : [],
  );
  const edge = (minute: number, up: boolean) =>
    (up ? Math.ceil(minute / 60) : Math.floor(minute / 60)) * 60;
  const from = $derived(
    edge(
      Math.min(minutesOf(roster.from), ...lanes.flatMap((lane) => lane.bars.map((bar) => bar.from))),
      false,
    ),
  );
  const to = $derived(edge(Math.max(minutesOf(roster.to), minutesOf(roster.service.to)) + 15, true));
  const scale = $derived(Math.max((width - LABEL) / (hours * 60), 0.15));
  const x = (minute: number) => (minute - from) * scale;
  // As close as the clock times can stand without touching.
  const step = $derived(STEPS.find((each) => each * scale >= CLOCK_WIDTH) ?? STEPS.at(-1)!);
  const marks = $derived(
    Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step),
  );
  const service = $derived([minutesOf(roster.service.from), minutesOf(roster.service.to)] as const);
  const chosen = $derived(day.task);
  const spans = $derived(
    day.ranges.map((range) => [minutesOf(range.from), minutesOf(range.to)] as const),
  );
  const fits = (start: number) => spans.some(([low, high]) => start >= low && start <= high);
  const nearest = (start: number) =>
    spans
      .map(([low, high]) => Math.min(Math.max(start, low), high))
      .sort((one, other) => Math.abs(one - start) - Math.abs(other - start))[0];

  // Opens where the work of the service day begins.
  $effect(() => {
    const first = roster.tasks.find(
      (task) => task.placed && task.start.slice(0, 10) === roster.service.date,
    );
    scroller.scrollLeft = Math.max(
      x(edge(minutesOf(first?.start ?? roster.service.from), false)) - 8,
      0,
    );
  });

  function move(to: number): void {
    const start = nearest(Math.round(to / SNAP) * SNAP);
    if (chosen && start !== undefined && start !== minutesOf(chosen.start))
      void day.decide({ pin: { task: chosen.key, at: momentOf(start) } });
  }

  function down(event: PointerEvent, bar: Bar): void {
    const begin = event.clientX;
    const target = event.currentTarget as HTMLElement;
    if (day.chosen !== bar.task.key) void day.choose(bar.task.key);
    target.setPointerCapture(event.pointerId);
    const pull = (moved: PointerEvent) => {
      if (Math.abs(moved.clientX - begin) > DRAG)
        pulled = { key: bar.task.key, by: (moved.clientX - begin) / scale };
    };
    const up = () => {
      target.removeEventListener("pointermove", pull);
      if (pulled) move(minutesOf(bar.task.start) + pulled.by);
      pulled = undefined;
    };
    target.addEventListener("pointermove", pull);
    target.addEventListener("pointerup", up, { once: true });
    target.addEventListener("pointercancel", up, { once: true });
  }

  function keys(event: KeyboardEvent, bar: Bar): void {
    const by = { ArrowLeft: -SNAP, ArrowRight: SNAP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    if (day.chosen !== bar.task.key) return void day.choose(bar.task.key);
    // From one range to the next where there is a gap.
    const start = minutesOf(bar.task.start) + by;
    const beyond =
      by < 0
        ? Math.max(...spans.map(([, high]) => high).filter((high) => high <= start))
        : Math.min(...spans.map(([low]) => low).filter((low) => low >= start));
    if (fits(start)) move(start);
    else if (Number.isFinite(beyond)) move(beyond);
  }

  const shift = (bar: Bar) => (pulled?.key === bar.task.key ? pulled.by : 0);

  // What other services have of it, as far as it is drawn.
  const busyBetween = (lane: RailLane) =>
    lane.busy.filter((other) => other.to > from && other.from < to);
</script>

<div
  class="grid grid-cols-[7rem_minmax(0,1fr)]"
  bind:clientWidth={width}
  role="group"
  aria-label="The day by cook and equipment"
>
  <div class="pt-12" aria-hidden="true">
    {#each lanes as lane (lane.key)}
      <div
        class="border-base-300 flex items-center border-t pr-2"
        style:height="{lane.rows * ROW + 6}px"
      >
        <b class="leading-tight break-words">{lane.name}</b>
      </div>
    {/each}
    {#each ribbons as ribbon (ribbon.preparation)}<div
        class="border-base-300 truncate border-t pr-2"
        style:height="{RIBBON}px"
      >
        {ribbon.name}
      </div>{/each}
  </div>
  <div class="overflow-x-auto" bind:this={scroller}>
    <div
      class="relative"
      style:width="{x(to)}px"
      style:height="{48 +
        lanes.reduce((sum, lane) => sum + lane.rows * ROW + 6, 0) +
        ribbons.length * RIBBON}px"
    >
      {#each marks as mark (mark)}
        <div
          class="absolute top-0 bottom-0 border-l {mark % 1440 === 0
            ? 'border-primary border-l-2'
            : 'border-base-300'}"
          style:left="{x(mark)}px"
        >
          <span class="quiet absolute top-5 left-1 whitespace-nowrap tabular-nums">{clockOf(mark)}</span
          >
          {#if mark === from || mark % 1440 === 0}<b class="absolute top-0 left-1 whitespace-nowrap"
              >{shortDay(momentOf(mark).slice(0, 10))}</b
            >{/if}
        </div>
      {/each}
      <div
        class="bg-accent/10 border-accent absolute top-11 bottom-0 border-x-2"
        style:left="{x(service[0])}px"
        style:width="{x(service[1]) - x(service[0])}px"
      >
        <span class="absolute -top-11 left-1 font-bold whitespace-nowrap">Service</span>
      </div>
      {#if roster.now && minutesOf(roster.now) >= from && minutesOf(roster.now) <= to}
        <div
          class="border-error absolute top-0 bottom-0 z-20 border-l-4"
          style:left="{x(minutesOf(roster.now))}px"
        >
          <span class="bg-error text-error-content absolute top-0 left-0 px-1 font-bold"
            >{roster.now.slice(11)}</span
          >
        </div>
      {/if}
      <div class="absolute inset-x-0 top-12">
        {#each lanes as lane (lane.key)}
          <div class="border-base-300 relative border-t" style:height="{lane.rows * ROW + 6}px">
            {#each lane.open as [opens, closes] (opens)}<div
                class="bg-base-200 absolute inset-y-0"
                style:left="{x(opens)}px"
                style:width="{(closes - opens) * scale}px"
              ></div>{/each}
            {#each busyBetween(lane) as other (`${other.name} ${other.from}`)}
              <div
                class={[
                  "border-base-content/40 bg-base-300 text-base-content absolute inset-y-1",
                  "overflow-hidden rounded-md border-2 border-dashed whitespace-nowrap",
                ]}
                style:left="{x(Math.max(other.from, from))}px"
                style:width="{Math.max(
                  (Math.min(other.to, to) - Math.max(other.from, from)) * scale - 1,
                  3,
                )}px"
                title="{other.name}, {clockOf(other.from)} to {clockOf(other.to)}"
              >
                {#if (other.to - other.from) * scale > 60}<span class="px-1.5">{other.name}</span>{/if}
              </div>
            {/each}
            {#if chosen && lane.bars.some((bar) => bar.task.key === chosen.key)}
              {#each spans as [low, high] (low)}<div
                  class="border-success bg-success/20 absolute inset-y-0 border-x-2"
                  style:left="{x(low)}px"
                  style:width="{Math.max((high - low + chosen.minutes) * scale, 3)}px"
                ></div>{/each}
              {#if chosen.best_until}<div
                  class="bg-success absolute bottom-0 h-1"
                  title="at its best until {chosen.best_until.slice(11)}"
                  style:left="{x(minutesOf(chosen.end))}px"
                  style:width="{(Math.min(minutesOf(chosen.best_until), to) - minutesOf(chosen.end)) *
                    scale}px"
                ></div>{/if}
            {/if}
            {#each lane.bars as bar (`${bar.task.key} ${bar.from}`)}
              <button
                class="bar absolute overflow-hidden rounded-md text-left whitespace-nowrap {bar.hands
                  ? 'bg-primary text-primary-content'
                  : 'waits text-base-content bg-base-100'}"
                class:chosen={day.chosen === bar.task.key}
                class:critical={bar.task.critical}
                class:done={bar.task.state === "done"}
                style:left="{x(bar.from + shift(bar))}px"
                style:width="{Math.max((bar.to - bar.from) * scale - 1, 4)}px"
                style:top="{bar.row * ROW + 4}px"
                style:height="{ROW - 4}px"
                aria-pressed={day.chosen === bar.task.key}
                aria-label="{bar.name}, {clockOf(bar.from)} to {clockOf(bar.to)}, {lane.name}{bar.task
                  .critical
                  ? ', on the longest chain'
                  : ''}"
                onpointerdown={(event) => down(event, bar)}
                onfocus={() => void day.choose(bar.task.key)}
                onkeydown={(event) => keys(event, bar)}
              >
                {#if (bar.to - bar.from) * scale > 34}<span class="px-1.5">{bar.name}</span>{/if}
              </button>
            {/each}
          </div>
        {/each}
        {#each ribbons as ribbon (ribbon.preparation)}
          <HoldRibbon {ribbon} height={RIBBON} {x} until={to} />
        {/each}
      </div>
    </div>
  </div>
</div>

<style>
  .bar {
    border: 2px solid var(--rim);
    touch-action: pan-x;
    cursor: grab;
  }
  .waits {
    background-image: repeating-linear-gradient(
      45deg,
      transparent 0 5px,
      color-mix(in oklab, var(--rim) 35%, transparent) 5px 7px
    );
  }
  .waits span {
    background: var(--color-base-100);
  }
  .critical {
    border-bottom: 5px solid var(--color-accent);
  }
  .chosen {
    outline: 4px solid var(--color-accent);
    outline-offset: 1px;
    z-index: 10;
  }
  .done {
    opacity: 0.45;
  }
</style>
